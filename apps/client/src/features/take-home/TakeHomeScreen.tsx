import type { Account } from '@spalo/contract';
import type { SessionState } from '@spalo/core/session';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { ScrollView, View } from 'react-native';
import { Banner } from '../../design/Banner';
import { Button, IconButton } from '../../design/Button';
import { Choice } from '../../design/Choice';
import { NotWorkedOut } from '../../design/NotWorkedOut';
import { EmptyState, LoadingState } from '../../design/States';
import { TextField } from '../../design/TextField';
import { useNow } from '../../design/use-now';
import { useWide } from '../../design/use-wide';
import { Body, Quiet, Strong, Title } from '../../design/Words';
import { NoSuchClient } from '../../parts/client/NoSuchClient';
import { StillPicture } from '../../parts/film/StillPicture';
import { filmBlob } from '../../parts/film/use-film-file';
import { shortDate } from '../../parts/time/day-time';
import { downloadBlob, fileName, share } from '../../state/download';
import { useKnownClient } from '../../state/pasts';
import type { KnownClient } from '../../state/resources/known-client';
import { partsOf, type Page } from './page';
import { PrintedFigure } from './PrintedFigure';
import { useFinished, usePage } from './use-page';

const sizes = [
  { value: false, label: 'Usual print' },
  { value: true, label: 'Large print' },
] as const;
const pictures = [
  { value: true, label: 'With stills' },
  { value: false, label: 'Without' },
] as const;

/** The page as it will be, to be read over before it is given away. */
function Sheet({ page, large }: { page: Page; large: boolean }) {
  return (
    <View role="region" aria-label="The page" className="gap-4 rounded-3xl bg-card p-4">
      <View className="border-b-[3px] border-ink pb-2">
        <Title level={2}>{page.name}</Title>
        <Quiet>{`${page.day} · ${page.studio}`}</Quiet>
      </View>
      {partsOf(page).map(({ title, lines, isCue }) => (
        <View key={title} className="gap-1">
          <Strong role="heading" aria-level={3} className="text-moss">
            {title}
          </Strong>
          {lines.map((line) => (
            <Body key={line} className={large ? 'text-figure leading-8' : ''}>
              {line}
            </Body>
          ))}
          {isCue && page.figure && <PrintedFigure figure={page.figure} />}
        </View>
      ))}
      {page.stills.length > 0 && (
        <View className="flex-row flex-wrap gap-3">
          {page.stills.map((still) => (
            <StillPicture key={still.id} still={{ ...still, clipId: '', ms: 0, bytes: 0 }} />
          ))}
        </View>
      )}
    </View>
  );
}

/** Stills that can be had, as bytes; the others are left out, and how many is said. */
async function stillBytes(stills: Page['stills']) {
  const found = await Promise.all(
    stills.map(async ({ id, text }) => {
      const blob = await filmBlob(id);
      return blob ? [{ bytes: await blob.arrayBuffer(), text }] : [];
    }),
  );
  return found.flat();
}

/** The ways to hand a page over: shared by the phone, saved, or printed. */
function HandOver({ page, large }: { page: Page; large: boolean }) {
  const [busy, setBusy] = useState(false);
  const [says, setSays] = useState<string | null>(null);
  /** Letters that cannot be set, once that was said. */
  const [toldOf, setToldOf] = useState('');
  const name = `${fileName(`${page.name} ${page.day}`)}.pdf`;
  const make = async (then: (pdf: Blob) => unknown) => {
    setBusy(true);
    setSays(null);
    try {
      const { takeHomePdf } = await import('./pdf');
      const stills = await stillBytes(page.stills);
      const { pdf, missing } = await takeHomePdf(page, stills, large);
      const letters = missing.join(' ');
      if (letters !== toldOf) {
        setToldOf(letters);
        if (letters !== '') {
          setSays(
            `Paper has no letters for ${letters}: a box stands for each. Tap again to go on.`,
          );
          return;
        }
      }
      await then(pdf);
      const away = page.stills.length - stills.length;
      if (away > 0) setSays(`${away} of the stills are on another device, and not in it.`);
    } catch (error) {
      setSays(`The page cannot be made: ${error instanceof Error ? error.message : 'it failed'}`);
    } finally {
      setBusy(false);
    }
  };
  const print = (pdf: Blob) => {
    const url = URL.createObjectURL(pdf);
    // The browser's own viewer prints it.
    if (!window.open(url, '_blank')) downloadBlob(name, pdf);
    setTimeout(() => URL.revokeObjectURL(url), 60_000);
  };
  return (
    <View className="gap-2">
      {says && <Banner kind="wait" title={says} />}
      <View className="flex-row flex-wrap gap-2">
        <Button
          kind="main"
          label="Share"
          disabled={busy}
          onPress={() => void make((pdf) => share(name, pdf, `${page.name}, ${page.day}`))}
          className="min-w-[8rem] flex-1"
        />
        <Button
          label="Save PDF"
          disabled={busy}
          onPress={() => void make((pdf) => downloadBlob(name, pdf))}
        />
        <Button label="Print" disabled={busy} onPress={() => void make(print)} />
      </View>
    </View>
  );
}

function PageOf({
  client,
  session,
  sessions,
  account,
}: {
  client: KnownClient;
  session: SessionState;
  sessions: readonly SessionState[];
  account: Account;
}) {
  const wide = useWide();
  const { page: whole, noDrills } = usePage(client, session, sessions, account);
  const [large, setLarge] = useState(false);
  const [withStills, setWithStills] = useState(true);
  const [note, setNote] = useState('');
  if (!whole) return <LoadingState what="the page" />;
  const page = { ...whole, note: note.trim(), ...(withStills ? {} : { stills: [] }) };
  const ways = (
    <View className={wide ? 'w-[22rem] gap-4' : 'gap-4'}>
      <NotWorkedOut what="the general warm-up" again={noDrills} />
      <HandOver page={page} large={large} />
      <Choice label="Print" options={sizes} value={large} onChange={setLarge} />
      {whole.stills.length > 0 && (
        <Choice label="Stills" options={pictures} value={withStills} onChange={setWithStills} />
      )}
      <TextField
        label="A line of your own"
        value={note}
        onChange={setNote}
        max={200}
        multiline
        hint="Stands under “Until next time”"
      />
      <Quiet>
        Nothing about other clients and no answers to health questions is in it. It is made on this
        device, also without network.
      </Quiet>
    </View>
  );
  return (
    <View className={wide ? 'flex-row items-start gap-6' : 'gap-4'}>
      {ways}
      <View className="min-w-0 flex-1">
        <Sheet page={page} large={large} />
      </View>
    </View>
  );
}

/** What a client takes home of a session: read over here, then shared, saved or printed. */
export function TakeHomeScreen({
  clientId,
  sessionId,
  account,
}: {
  clientId: string;
  /** The session it is of; the latest where none is named. */
  sessionId: string | null;
  account: Account;
}) {
  const router = useRouter();
  const now = useNow(false);
  const { data: client } = useKnownClient(clientId);
  const sessions = useFinished(clientId);
  const [chosen, setChosen] = useState(sessionId);
  if (client === null) return <NoSuchClient />;
  if (!client || !sessions) return <LoadingState what="the page" />;
  const session = sessions.find(({ id }) => id === chosen) ?? sessions[0];
  const { zone } = account.studio;
  const recent = sessions.slice(0, 4).map(({ id, startedAt }) => ({
    value: id,
    label: shortDate(startedAt, zone, now),
  }));
  return (
    <ScrollView className="flex-1" contentContainerClassName="max-w-[70rem] gap-4 p-4">
      <View className="flex-row items-center gap-3">
        <IconButton
          icon="back"
          label={`Back to ${client.name}`}
          onPress={() => router.push({ pathname: '/clients/[id]', params: { id: clientId } })}
        />
        <Title className="min-w-0 shrink">To take home</Title>
      </View>
      {!session ? (
        <EmptyState icon="floor" title="No session is finished yet">
          The page is made of a finished session.
        </EmptyState>
      ) : (
        <>
          {recent.length > 1 && (
            <Choice label="Session" options={recent} value={session.id} onChange={setChosen} wrap />
          )}
          <PageOf
            key={session.id}
            client={client}
            session={session}
            sessions={sessions}
            account={account}
          />
        </>
      )}
    </ScrollView>
  );
}
