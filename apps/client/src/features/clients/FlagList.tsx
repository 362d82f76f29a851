import type { Client } from '@spalo/contract';
import type { Flag } from '@spalo/core';
import { useState } from 'react';
import { TextInput, View } from 'react-native';
import { Button } from '../../design/Button';
import { Card } from '../../design/Card';
import { Choice } from '../../design/Choice';
import { Section } from '../../design/Section';
import { Sheet } from '../../design/Sheet';
import { Body, Quiet, Strong } from '../../design/Words';
import { journal } from '../../state/device';
import { newId } from '../../state/ids';
import { attempt } from '../../state/problems';
import { flagName } from './FlagChips';
import { jointOptions, sideOptions } from './place-options';

const states: { value: Flag['state']; label: string }[] = [
  { value: 'new', label: 'New' },
  { value: 'watched', label: 'Watched' },
  { value: 'cleared', label: 'Cleared' },
  { value: 'closed', label: 'Closed' },
];
function putFlag(clientId: string, { id, ...body }: Flag) {
  return journal.change({ route: 'putFlag', args: { params: { id: clientId, flagId: id }, body } });
}

function NewFlag({
  clientId,
  open,
  onClose,
}: {
  clientId: string;
  open: boolean;
  onClose: () => void;
}) {
  const [place, setPlace] = useState<Flag['place']>('knee');
  const [side, setSide] = useState<Flag['side']>('none');
  const [note, setNote] = useState('');
  const raise = () =>
    attempt(async () => {
      await putFlag(clientId, {
        id: newId(),
        place,
        side,
        note: note.trim(),
        state: 'new',
        usualPain: 0,
      });
      setNote('');
      onClose();
    });
  return (
    <Sheet title="Raise a flag" open={open} onClose={onClose}>
      <Choice label="Place" options={jointOptions} value={place} onChange={setPlace} wrap />
      <Choice label="Side" options={sideOptions} value={side} onChange={setSide} />
      <View className="gap-1">
        <Strong>What hurts, what is fine</Strong>
        <TextInput
          value={note}
          onChangeText={setNote}
          aria-label="What hurts, what is fine"
          maxLength={300}
          multiline
          className="min-h-[4rem] rounded-2xl border-2 border-slate bg-card p-3 font-text text-body text-ink"
        />
      </View>
      <Button kind="main" label="Raise the flag" onPress={raise} />
    </Sheet>
  );
}

/** What constrains choice, and its state; a cleared flag opens closed lifts again. */
export function FlagList({ client }: { client: Client }) {
  const [adding, setAdding] = useState(false);
  return (
    <Section title="Flags" action={<Button label="Raise a flag" onPress={() => setAdding(true)} />}>
      {client.flags.length === 0 && <Body>No painful or stiff place is known.</Body>}
      {client.flags.map((flag) => (
        <Card key={flag.id} className="gap-2">
          <Strong>{flagName(flag)}</Strong>
          {flag.note ? <Quiet>{flag.note}</Quiet> : null}
          <Choice
            label={`State of the flag ${flagName(flag)}`}
            options={states}
            value={flag.state}
            onChange={(state) => attempt(() => putFlag(client.id, { ...flag, state }))}
            wrap
          />
        </Card>
      ))}
      <NewFlag clientId={client.id} open={adding} onClose={() => setAdding(false)} />
    </Section>
  );
}
