import { nowIso } from '@spalo/core/unit';
import type { Client } from '@spalo/contract';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { call } from '../../api/call';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { Section } from '../../design/Section';
import { Sheet } from '../../design/Sheet';
import { TextField } from '../../design/TextField';
import { Body } from '../../design/Words';
import { download } from '../../state/download';
import { attempt } from '../../state/problems';
import { queryClient } from '../../state/query-client';
import { copiesKeepUntil, useSafetyCopies } from '../../parts/files/use-safety-copies';
import { dayAndTime } from '../../parts/time/day-time';
import { changeClient } from '../../parts/client/change-client';

function EraseSheet({
  client,
  zone,
  onClose,
}: {
  client: Client;
  zone: string;
  onClose: () => void;
}) {
  const router = useRouter();
  const { data: copies = [] } = useSafetyCopies();
  const until = copiesKeepUntil(copies);
  const [name, setName] = useState('');
  const [tried, setTried] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const [exported, setExported] = useState(false);
  const matches = name.trim().toLowerCase() === client.name.toLowerCase();
  const here = async (work: () => Promise<void>) => {
    setProblem(null);
    try {
      await work();
    } catch (error) {
      setProblem(error instanceof Error ? error.message : 'That did not work');
    }
  };
  const take = () =>
    here(async () => {
      const all = await call('exportClient', { params: { id: client.id } });
      const file = `spalo-${client.name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}.json`;
      download(file, 'application/json', JSON.stringify(all, null, 2));
      setExported(true);
    });
  const erase = () =>
    here(async () => {
      setTried(true);
      if (!matches) return;
      await call('eraseClient', { params: { id: client.id } });
      await queryClient.refetchQueries({ queryKey: ['clients'] });
      router.replace('/clients');
    });
  return (
    <Sheet title="Delete for good" open onClose={onClose}>
      {problem && <Banner kind="stop" title={problem} />}
      <Body>
        {`Everything about ${client.name} goes: facts, health answers, flags, measurements, bookings, every session, films and stills, and what was imported of them. Nobody can bring it back. To keep it out of the way instead, archive the client.`}
      </Body>
      <Body>
        {until
          ? `Safety copies that were made before hold it until they are gone themselves: ${dayAndTime(until, zone)} at the latest. Files that were saved or shared are where they were put.`
          : 'Files that were saved or shared are where they were put.'}
      </Body>
      <View className="gap-2">
        <Body>First, a copy to hand over or to keep:</Body>
        <Button
          label={exported ? 'Exported; export again' : 'Export everything as JSON'}
          onPress={() => void take()}
        />
      </View>
      <TextField
        label="Type the client’s full name to confirm"
        value={name}
        onChange={setName}
        max={80}
        problem={tried && !matches ? `The name is ${client.name}` : null}
      />
      <Button kind="stop" label="Delete for good" onPress={() => void erase()} />
    </Sheet>
  );
}

/** Archiving and restoring, which lose nothing; export and real deletion on request. */
export function PersonalData({ client, zone }: { client: Client; zone: string }) {
  const router = useRouter();
  const [erasing, setErasing] = useState(false);
  const archived = client.archivedAt !== null;
  const archive = () =>
    attempt(() =>
      changeClient(
        client,
        { archivedAt: archived ? null : nowIso() },
        `${client.name} ${archived ? 'restored' : 'archived'}`,
      ),
    );
  const mayFilm = Boolean(client.filmConsentAt);
  const letFilm = () =>
    attempt(() =>
      changeClient(
        client,
        { filmConsentAt: mayFilm ? null : nowIso() },
        mayFilm ? 'No films any more' : 'Agreed to be filmed',
      ),
    );
  return (
    <Section title="Archive and personal data">
      <Body>
        {mayFilm
          ? 'Has agreed to be filmed. Taken back, no further film is kept; those that are there go one by one in the review.'
          : 'Has not agreed to be filmed.'}
      </Body>
      <Button
        label={mayFilm ? 'Take the consent to film back' : 'They agree to be filmed'}
        onPress={letFilm}
        className="self-start"
      />
      <Body>
        {archived
          ? 'Archived: out of the list, with everything kept.'
          : 'An archived client leaves the list and loses nothing.'}
      </Body>
      <View className="flex-row flex-wrap gap-2">
        <Button
          label="All that is kept"
          says={`All that is kept of ${client.name}`}
          onPress={() =>
            router.push({ pathname: '/clients/[id]/record', params: { id: client.id } })
          }
        />
        <Button label={archived ? 'Restore' : 'Archive'} onPress={archive} />
        <Button kind="stop" label="Delete for good…" onPress={() => setErasing(true)} />
      </View>
      {erasing && <EraseSheet client={client} zone={zone} onClose={() => setErasing(false)} />}
    </Section>
  );
}
