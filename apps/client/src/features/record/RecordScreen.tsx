import type { Account } from '@spalo/contract';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { ScrollView, View } from 'react-native';
import { call } from '../../api/call';
import { Banner } from '../../design/Banner';
import { Button, IconButton } from '../../design/Button';
import { Section } from '../../design/Section';
import { LoadingState } from '../../design/States';
import { Body, Quiet, Title } from '../../design/Words';
import { FilesSheet } from '../../parts/files/FilesSheet';
import { NoSuchClient } from '../../parts/client/NoSuchClient';
import { dayAndTime } from '../../parts/time/day-time';
import { download, fileName } from '../../state/download';
import { useClients } from '../../state/queries';
import { recordPage, recordParts, type ClientRecord } from './record-parts';

/** The whole record, read, and the ways to hand it over. */
function Opened({ record, account }: { record: ClientRecord; account: Account }) {
  const [saving, setSaving] = useState(false);
  const { unit, zone } = account.studio;
  const parts = useMemo(() => recordParts(record, unit, zone), [record, unit, zone]);
  const { name, id } = record.client;
  const file = `spalo-${fileName(name)}`;
  const madeAt = dayAndTime(record.exportedAt, zone);
  const savePage = () =>
    download(`${file}.html`, 'text/html', recordPage(`${name}, all that is kept`, madeAt, parts));
  const saveJson = () =>
    download(`${file}.json`, 'application/json', JSON.stringify(record, null, 2));
  return (
    <>
      <View className="flex-row flex-wrap gap-2">
        <Button kind="main" label="Save as a page" onPress={savePage} />
        <Button label="Save as JSON" onPress={saveJson} />
        <Button label="Save tables" onPress={() => setSaving(true)} />
      </View>
      <Quiet>
        {`As of ${madeAt}. The page opens in any browser and prints; the JSON holds every entry of the log. Films are in neither: they are saved one by one in the review.`}
      </Quiet>
      {parts.map(({ title, lines }, at) => (
        <Section key={`${title} ${at}`} title={title}>
          <View className="gap-1">
            {lines.map((line, place) => (
              <Body key={place}>{line}</Body>
            ))}
          </View>
        </Section>
      ))}
      {saving && <FilesSheet clientId={id} onClose={() => setSaving(false)} />}
    </>
  );
}

/** All that is kept of a client, in one readable page: opened for who asks for it, and recorded. */
export function RecordScreen({ clientId, account }: { clientId: string; account: Account }) {
  const router = useRouter();
  const { data: clients } = useClients();
  const [record, setRecord] = useState<ClientRecord | null>(null);
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  if (!clients) return <LoadingState what="the client" />;
  const client = clients.find(({ id }) => id === clientId);
  if (!client) return <NoSuchClient />;
  const open = async () => {
    setBusy(true);
    setProblem(null);
    try {
      setRecord(await call('exportClient', { params: { id: clientId } }));
    } catch (error) {
      setProblem(error instanceof Error ? error.message : 'That did not work');
    } finally {
      setBusy(false);
    }
  };
  return (
    <ScrollView className="flex-1" contentContainerClassName="max-w-[52rem] gap-6 p-4">
      <View className="flex-row items-center gap-3">
        <IconButton
          icon="back"
          label={`Back to ${client.name}`}
          onPress={() => router.push({ pathname: '/clients/[id]', params: { id: clientId } })}
        />
        <Title className="min-w-0 shrink">{`All of ${client.name}`}</Title>
      </View>
      {problem && <Banner kind="stop" title={problem} />}
      {record ? (
        <Opened record={record} account={account} />
      ) : (
        <>
          <Body>
            Everything that is kept of this client, to read, to hand over or to take along. For
            their own trainers the answers to health questions are in it; opening them is recorded.
            It needs the network.
          </Body>
          <Button kind="main" label="Open everything" disabled={busy} onPress={() => void open()} />
        </>
      )}
    </ScrollView>
  );
}
