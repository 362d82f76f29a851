import type { Client } from '@spalo/contract';
import { isRedPlace, type Flag } from '@spalo/core';
import { useState } from 'react';
import { Button } from '../../design/Button';
import { Card } from '../../design/Card';
import { Choice } from '../../design/Choice';
import { Section } from '../../design/Section';
import { Sheet } from '../../design/Sheet';
import { TextField } from '../../design/TextField';
import { Body, Quiet, Strong } from '../../design/Words';
import { attempt } from '../../state/problems';
import { putFlag } from '../../parts/client/put-flag';
import { flagName } from '../../parts/client/FlagChips';
import { FlagSheet } from '../../parts/client/FlagSheet';

const states: { value: Flag['state']; label: string }[] = [
  { value: 'new', label: 'New' },
  { value: 'watched', label: 'Watched' },
  { value: 'cleared', label: 'Cleared' },
  { value: 'closed', label: 'Closed' },
];

const origin = ({ since, saidBy }: Flag) =>
  [since && `since ${since}`, saidBy && `said by ${saidBy}`].filter(Boolean).join(', ');

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

/** What constrains choice, and its state; a cleared flag opens closed lifts again. */
export function FlagList({ client }: { client: Client }) {
  const [adding, setAdding] = useState(false);
  const [clearing, setClearing] = useState<Flag | null>(null);
  const change = (flag: Flag, state: Flag['state']) => {
    if (state === 'cleared') setClearing(flag);
    else attempt(() => putFlag(client.id, { ...flag, state }));
  };
  return (
    <Section title="Flags" action={<Button label="Raise a flag" onPress={() => setAdding(true)} />}>
      {client.flags.length === 0 && <Body>No painful or stiff place is known.</Body>}
      {client.flags.map((flag) => (
        <Card key={flag.id} className="gap-2">
          <Strong>{flagName(flag)}</Strong>
          {flag.note ? <Quiet>{`Hurts: ${flag.note}`}</Quiet> : null}
          {flag.fine ? <Quiet>{`Fine: ${flag.fine}`}</Quiet> : null}
          {origin(flag) ? <Quiet>{origin(flag)}</Quiet> : null}
          <Choice
            label={`State of the flag ${flagName(flag)}`}
            options={isRedPlace(flag.place) ? redStates : states}
            value={flag.state}
            onChange={(state) => change(flag, state)}
          />
        </Card>
      ))}
      {adding && (
        <FlagSheet
          onClose={() => setAdding(false)}
          onSave={(flag) => {
            attempt(() => putFlag(client.id, flag));
            setAdding(false);
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
            attempt(() => putFlag(client.id, { ...clearing, state: 'cleared', saidBy }));
            setClearing(null);
          }}
        />
      )}
    </Section>
  );
}
