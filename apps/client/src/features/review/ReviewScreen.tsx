import { findLift } from '@spalo/catalog';
import type { Account } from '@spalo/contract';
import { countedSets, type LiftState, type SessionState } from '@spalo/core/session';
import { countText } from '@spalo/core/unit';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { Pressable, ScrollView, useWindowDimensions, View } from 'react-native';
import { Button, IconButton } from '../../design/Button';
import { Icon } from '../../design/Icon';
import { EmptyState, ErrorState, LoadingState } from '../../design/States';
import { useNow } from '../../design/use-now';
import { useWide } from '../../design/use-wide';
import { Body, Quiet, Strong, Title } from '../../design/Words';
import { FilmSheet } from '../../parts/film/FilmSheet';
import { clipsOf } from '../../parts/film/find-clip';
import { shortDate } from '../../parts/time/day-time';
import { useClients, useClientSessions } from '../../state/queries';
import { LiftRecord } from './LiftRecord';
import { ReviewClip } from './ReviewClip';
import { ReviewText } from './ReviewText';

interface Looked {
  session: SessionState;
  lift: LiftState;
}

const nameOf = ({ plan }: LiftState) => findLift(plan.liftId)?.name ?? plan.liftId;
const keyOf = ({ session, lift }: Looked) => `${session.id}/${lift.plan.liftId}`;

/** What there is to look at of a session: the lifts with a working set. */
const lookedOf = (session: SessionState): Looked[] =>
  session.lifts
    .filter((lift) => countedSets(lift, 'working').length > 0)
    .map((lift) => ({ session, lift }));

/** A lift of a date in the list: what of it there is to see. */
function Row({ looked, taken, onPress }: { looked: Looked; taken: boolean; onPress: () => void }) {
  const { session, lift } = looked;
  const clips = clipsOf(session).filter((each) => each.lift === lift).length;
  const marks = countedSets(lift, 'working').flatMap((set) => set.marks).length;
  const says = [
    clips > 0 && countText(clips, 'film'),
    lift.stills.length > 0 && countText(lift.stills.length, 'still'),
    marks > 0 && countText(marks, 'mark'),
    lift.review && 'reviewed',
  ].filter(Boolean);
  return (
    <Pressable
      role="button"
      aria-label={`Look at ${nameOf(lift)}`}
      aria-pressed={taken}
      onPress={onPress}
      className={`min-h-tap flex-row items-center justify-between gap-2 rounded-2xl px-4 py-2 ${taken ? 'bg-coming' : 'bg-card'}`}
    >
      <View className="min-w-0 shrink">
        <Strong>{nameOf(lift)}</Strong>
        <Quiet>{says.join(' · ') || 'no marks'}</Quiet>
      </View>
      <Icon name="forward" color={taken ? 'ink' : 'slate'} />
    </Pressable>
  );
}

function Dates({
  sessions,
  account,
  chosen,
  onChoose,
}: {
  sessions: readonly SessionState[];
  account: Account;
  chosen: string | null;
  onChoose: (key: string) => void;
}) {
  const now = useNow(false);
  return sessions.map((session) => (
    <View key={session.id} className="gap-2">
      <Title level={2} className="text-figure">
        {shortDate(session.startedAt, account.studio.zone, now)}
      </Title>
      {lookedOf(session).map((looked) => (
        <Row
          key={keyOf(looked)}
          looked={looked}
          taken={keyOf(looked) === chosen}
          onPress={() => onChoose(keyOf(looked))}
        />
      ))}
    </View>
  ));
}

/** The films of a lift on a date, and the way to film another set. */
function Films({
  looked,
  account,
  highest,
}: {
  looked: Looked;
  account: Account;
  highest: number;
}) {
  const [filming, setFilming] = useState(false);
  const { data: clients } = useClients();
  const client = clients?.find(({ id }) => id === looked.session.clientId);
  const clips = clipsOf(looked.session).filter(({ lift }) => lift === looked.lift);
  return (
    <View className="gap-4">
      {clips.map((found) => (
        <ReviewClip key={found.clip.id} found={found} highest={highest} />
      ))}
      {clips.length === 0 && <Body>No film of these sets.</Body>}
      {client && <Button icon="plus" label="Add a film" onPress={() => setFilming(true)} />}
      {filming && client && (
        <FilmSheet
          client={client}
          {...looked}
          trainerId={account.trainer.id}
          onClose={() => setFilming(false)}
        />
      )}
    </View>
  );
}

function Notes({ looked, account }: { looked: Looked; account: Account }) {
  return (
    <View className="gap-4">
      <LiftRecord {...looked} />
      <ReviewText key={keyOf(looked)} {...looked} trainerId={account.trainer.id} />
    </View>
  );
}

/** The lift that is looked at: its films and what was noted, side by side where there is room. */
function OneLift({ looked, account }: { looked: Looked; account: Account }) {
  const { width, height } = useWindowDimensions();
  const films = (
    <Films looked={looked} account={account} highest={width >= 900 ? height - 330 : height * 0.5} />
  );
  const title = (
    <Title level={2} className="text-name leading-8">
      {nameOf(looked.lift)}
    </Title>
  );
  if (width < 1180) {
    return (
      <View className="gap-4">
        {title}
        {films}
        <Notes looked={looked} account={account} />
      </View>
    );
  }
  return (
    <View className="gap-4">
      {title}
      <View className="flex-row gap-6">
        <View className="min-w-0 flex-1">{films}</View>
        <View className="min-w-0 flex-1">
          <Notes looked={looked} account={account} />
        </View>
      </View>
    </View>
  );
}

/** A client's sets by date, with films, stills, marks, cues and notes in one reading order. */
export function ReviewScreen({ clientId, account }: { clientId: string; account: Account }) {
  const router = useRouter();
  const wide = useWide();
  const { data: sessions, isError, refetch } = useClientSessions(clientId);
  const { data: clients } = useClients();
  const [chosen, setChosen] = useState<string | null>(null);
  if (!sessions && isError)
    return <ErrorState what="The sessions are not here" onRetry={() => void refetch()} />;
  if (!sessions || !clients) return <LoadingState what="the review" />;
  const client = clients.find(({ id }) => id === clientId);
  const all = sessions.flatMap(lookedOf);
  const filmed = all.find(({ lift }) => lift.clips.length > 0);
  const looked =
    all.find((each) => keyOf(each) === chosen) ?? (wide ? (filmed ?? all[0]) : undefined);
  const back = () =>
    looked && !wide
      ? setChosen(null)
      : router.push({ pathname: '/clients/[id]', params: { id: clientId } });
  const list = (
    <Dates
      sessions={sessions.filter((session) => lookedOf(session).length > 0)}
      account={account}
      chosen={looked ? keyOf(looked) : null}
      onChoose={setChosen}
    />
  );
  const head = (
    <View className="flex-row items-center gap-3">
      <IconButton
        icon="back"
        label={looked && !wide ? 'All dates' : `Back to ${client?.name ?? 'the client'}`}
        onPress={back}
      />
      <Title className="min-w-0 shrink">{client?.name ?? 'Review'}</Title>
    </View>
  );
  if (all.length === 0) {
    return (
      <View className="gap-4 p-4">
        {head}
        <EmptyState icon="watch" title="Nothing to look at yet">
          Sets stand here by date once a session was logged, with films, stills, marks and notes.
        </EmptyState>
      </View>
    );
  }
  return (
    <View className={`min-h-0 flex-1 ${wide ? 'flex-row' : ''}`}>
      {(wide || !looked) && (
        <ScrollView
          className={wide ? 'w-[18rem] flex-none border-r border-line' : 'flex-1'}
          contentContainerClassName="gap-4 p-4"
        >
          {head}
          {list}
        </ScrollView>
      )}
      {looked && (
        <ScrollView className="min-w-0 flex-1" contentContainerClassName="gap-4 p-4">
          {!wide && head}
          <OneLift key={keyOf(looked)} looked={looked} account={account} />
        </ScrollView>
      )}
    </View>
  );
}
