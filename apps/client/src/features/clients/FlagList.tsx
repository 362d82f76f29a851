import type { Client } from '@spalo/contract';
import { degreeOf, isRedPlace, type Flag } from '@spalo/core/person';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { Card } from '../../design/Card';
import { Chip } from '../../design/Chip';
import { Choice } from '../../design/Choice';
import { Section } from '../../design/Section';
import { Sheet } from '../../design/Sheet';
import { TextField } from '../../design/TextField';
import { useNow } from '../../design/use-now';
import { Body, Quiet, Strong } from '../../design/Words';
import { attempt } from '../../state/problems';
import { changeFlag } from '../../parts/client/put-flag';
import { shortDate } from '../../parts/time/day-time';
import { flagMeans } from '../../parts/words/flag-words';
import { flagName } from '../../parts/client/FlagChips';
import { FlagSheet } from '../../parts/client/FlagSheet';

/** The states that are chosen from; a flag that was a mistake is removed by its own button. */
const states: { value: Flag['state']; label: string }[] = [
  { value: 'new', label: 'New' },
  { value: 'watched', label: 'Watched' },
  { value: 'cleared', label: 'Cleared' },
  { value: 'closed', label: 'Closed' },
];

const isOpen = ({ state, place }: Flag) =>
  (state === 'new' || state === 'watched') && !isRedPlace(place);

const origin = ({ since, saidBy }: Flag, now: number) =>
  [
    since && `since ${shortDate(`${since}T12:00:00.000Z`, 'UTC', now)}`,
    saidBy && `said by ${saidBy}`,
  ]
    .filter(Boolean)
    .join(', ');

/** Clearing a flag opens what it closed, so it asks who cleared it. */
function ClearSheet({
  flag,
  onClose,
  onClear,
}: {
  flag: Flag;
  onClose: () => void;
  onClear: (by: string) => void;
}) {
  const [by, setBy] = useState('');
  const [tried, setTried] = useState(false);
  const clear = () => {
    setTried(true);
    if (by.trim()) onClear(by.trim());
  };
  return (
    <Sheet title={`Clear the flag ${flagName(flag)}`} open onClose={onClose}>
      <Body>Lifts that load it open again. Only a clinician can clear a place.</Body>
      <TextField
        label="Who cleared it, and what they wrote"
        value={by}
        onChange={setBy}
        max={150}
        problem={tried && !by.trim() ? 'Say who cleared it' : null}
      />
      <Button kind="main" label="Record the clearance" onPress={clear} />
    </Sheet>
  );
}

/** A red flag is open or cleared by a clinician; nobody watches it away. */
const redStates = states.filter(({ value }) => value === 'new' || value === 'cleared');

/** A flag that was a mistake: struck out, and there to be brought back. */
function RemovedFlag({ flag, clientId }: { flag: Flag; clientId: string }) {
  const name = flagName(flag);
  const back = () =>
    changeFlag(clientId, { ...flag, state: 'new' }, `Flag ${name} brought back`, flag);
  return (
    <View className="flex-row items-center justify-between gap-3">
      <Quiet className="shrink line-through">{[name, flag.note].filter(Boolean).join(', ')}</Quiet>
      <Chip label="Restore" says={`Restore the flag ${name}`} onPress={() => attempt(back)} />
    </View>
  );
}

/** What constrains choice, and its state; a cleared flag opens closed lifts again. */
export function FlagList({ client }: { client: Client }) {
  const [adding, setAdding] = useState(false);
  const [editing, setEditing] = useState<Flag | null>(null);
  const [clearing, setClearing] = useState<Flag | null>(null);
  const now = useNow(false);
  const change = (flag: Flag, state: Flag['state'], says: string) =>
    attempt(() => changeFlag(client.id, { ...flag, state }, says, flag));
  const choose = (flag: Flag, state: Flag['state']) => {
    if (state === 'cleared') setClearing(flag);
    else change(flag, state, `Flag ${flagName(flag)}: ${state}`);
  };
  const removed = client.flags.filter(({ state }) => state === 'removed');
  const standing = client.flags.filter(({ state }) => state !== 'removed');
  return (
    <Section title="Flags" action={<Button label="Raise a flag" onPress={() => setAdding(true)} />}>
      {standing.length === 0 && <Body>No painful or stiff place is known.</Body>}
      {standing.map((flag) => (
        <Card key={flag.id} className="gap-2">
          <Strong>{flagName(flag)}</Strong>
          {isOpen(flag) && <Quiet className="text-ink">{`${flagMeans[degreeOf(flag)]}.`}</Quiet>}
          {flag.note ? <Quiet>{`Hurts: ${flag.note}`}</Quiet> : null}
          {flag.fine ? <Quiet>{`Fine: ${flag.fine}`}</Quiet> : null}
          {origin(flag, now) ? <Quiet>{origin(flag, now)}</Quiet> : null}
          <Choice
            label={`State of the flag ${flagName(flag)}`}
            options={isRedPlace(flag.place) ? redStates : states}
            value={flag.state}
            onChange={(state) => choose(flag, state)}
          />
          <View className="flex-row flex-wrap gap-2">
            <Button
              label="Change"
              says={`Change the flag ${flagName(flag)}`}
              onPress={() => setEditing(flag)}
            />
            {!isRedPlace(flag.place) && (
              <Button
                label="Remove"
                says={`Remove the flag ${flagName(flag)}`}
                onPress={() => change(flag, 'removed', `Flag ${flagName(flag)} removed`)}
              />
            )}
          </View>
        </Card>
      ))}
      {removed.map((flag) => (
        <RemovedFlag key={flag.id} flag={flag} clientId={client.id} />
      ))}
      {adding && (
        <FlagSheet
          onClose={() => setAdding(false)}
          onSave={(flag) => {
            attempt(() => changeFlag(client.id, flag, `Flag ${flagName(flag)} raised`));
            setAdding(false);
          }}
        />
      )}
      {editing && (
        <FlagSheet
          flag={editing}
          onClose={() => setEditing(null)}
          onSave={(flag) => {
            attempt(() => changeFlag(client.id, flag, `Flag ${flagName(flag)} changed`, editing));
            setEditing(null);
          }}
        />
      )}
      {clearing && (
        <ClearSheet
          flag={clearing}
          onClose={() => setClearing(null)}
          onClear={(by) => {
            const saidBy = `${clearing.saidBy ? `${clearing.saidBy}; ` : ''}cleared: ${by}`.slice(
              0,
              200,
            );
            const cleared: Flag = { ...clearing, state: 'cleared', saidBy };
            attempt(() =>
              changeFlag(client.id, cleared, `Flag ${flagName(cleared)} cleared`, clearing),
            );
            setClearing(null);
          }}
        />
      )}
    </Section>
  );
}
