import { percentText } from '@spalo/core/unit';
import type { ListedClient } from '@spalo/contract';
import { useState } from 'react';
import { View } from 'react-native';
import { fetchFile, type Come } from '../../api/fetch-file';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { Chip } from '../../design/Chip';
import { Choice } from '../../design/Choice';
import { DateField } from '../../design/DateField';
import { Sheet } from '../../design/Sheet';
import { Body, Quiet, Strong } from '../../design/Words';
import { downloadBlob } from '../../state/download';
import { useClients } from '../../state/queries';
import { ClientFinder } from '../client/ClientFinder';
import { NO_DAY, isDay } from '../time/day-time';

const files = [
  { value: 'sets.csv', label: 'Sets' },
  { value: 'clients.csv', label: 'Clients' },
  { value: 'bookings.csv', label: 'Bookings' },
  { value: 'bodies.csv', label: 'Body mass' },
  { value: 'blocks.csv', label: 'Blocks' },
  { value: 'records.json', label: 'All of them, JSON' },
] as const;
type Name = (typeof files)[number]['value'];

/** How far a file has come, in words. */
const comeText = ({ come, whole }: Come): string =>
  whole === null
    ? `${(come / 1e6).toFixed(1)} MB so far`
    : `${percentText(come / whole)} of ${(whole / 1e6).toFixed(1)} MB`;

/** Whose records: some clients, or everybody. */
function Whose({
  chosen,
  onChange,
}: {
  chosen: readonly ListedClient[];
  onChange: (clients: ListedClient[]) => void;
}) {
  const [finding, setFinding] = useState(false);
  return (
    <View className="gap-1">
      <Strong>Whose</Strong>
      <View className="flex-row flex-wrap gap-2">
        {chosen.length === 0 && <Chip label="Everybody" look="taken" />}
        {chosen.map((client) => (
          <Chip
            key={client.id}
            label={client.name}
            icon="close"
            says={`Without ${client.name}`}
            look="taken"
            onPress={() => onChange(chosen.filter(({ id }) => id !== client.id))}
          />
        ))}
        <Chip label="Choose a client" icon="plus" onPress={() => setFinding(true)} />
      </View>
      {finding && (
        <ClientFinder
          title="Whose records?"
          onPick={(client) => {
            setFinding(false);
            onChange([...chosen.filter(({ id }) => id !== client.id), client]);
          }}
          onClose={() => setFinding(false)}
        />
      )}
    </View>
  );
}

/** Takes records out as files: which, whose, and of which days. */
export function FilesSheet({ clientId, onClose }: { clientId?: string; onClose: () => void }) {
  const { data: clients = [] } = useClients();
  const [name, setName] = useState<Name>('sets.csv');
  const [chosen, setChosen] = useState<ListedClient[]>(() =>
    clients.filter(({ id }) => id === clientId),
  );
  const [from, setFrom] = useState('');
  const [to, setTo] = useState('');
  const [come, setCome] = useState<Come | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const wrong = (day: string) => (day !== '' && !isDay(day) ? NO_DAY : null);
  const save = async () => {
    setProblem(null);
    setCome({ come: 0, whole: null });
    const query = new URLSearchParams({
      ...(chosen.length > 0 && { client: chosen.map(({ id }) => id).join(',') }),
      ...(from !== '' && { from }),
      ...(to !== '' && { to }),
    }).toString();
    try {
      downloadBlob(
        `spalo-${name}`,
        await fetchFile(`/files/${name}${query && `?${query}`}`, setCome),
      );
      onClose();
    } catch (error) {
      setProblem(error instanceof Error ? error.message : 'That did not work');
      setCome(null);
    }
  };
  return (
    <Sheet title="Save records as a file" open onClose={onClose}>
      {problem && <Banner kind="stop" title={problem} />}
      <Choice label="What" options={files} value={name} onChange={setName} wrap />
      <Whose chosen={chosen} onChange={setChosen} />
      <View className="flex-row flex-wrap gap-2">
        <View className="min-w-[12rem] flex-1">
          <DateField
            label="From"
            value={from}
            onChange={setFrom}
            problem={wrong(from)}
            hint="All days, if empty"
          />
        </View>
        <View className="min-w-[12rem] flex-1">
          <DateField label="To" value={to} onChange={setTo} problem={wrong(to)} />
        </View>
      </View>
      <Quiet>
        CSV in UTF-8 with ISO days, loads in kilograms and pounds. Answers to health questions are
        in none of them.
      </Quiet>
      {come && <Body role="status">{comeText(come)}</Body>}
      <Button
        kind="main"
        label="Save the file"
        disabled={come !== null || wrong(from) !== null || wrong(to) !== null}
        onPress={() => void save()}
      />
    </Sheet>
  );
}
