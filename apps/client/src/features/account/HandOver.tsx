import type { Colleague } from '@spalo/contract';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { Choice } from '../../design/Choice';
import { Quiet, Strong } from '../../design/Words';

/** Asks who takes the clients over before somebody leaves: two taps, never one. */
export function HandOver({
  label,
  heirs,
  onHandOver,
}: {
  label: string;
  heirs: readonly Colleague[];
  onHandOver: (trainerId: string) => void;
}) {
  const [asked, setAsked] = useState(false);
  const [heir, setHeir] = useState<string | null>(null);
  if (heirs.length === 0) return <Quiet>Nobody is there yet to take the clients over.</Quiet>;
  if (!asked) return <Button kind="stop" label={label} onPress={() => setAsked(true)} />;
  const taken = heirs.find(({ id }) => id === heir);
  return (
    <View className="gap-3">
      <Strong>Who takes the clients over?</Strong>
      <Choice
        wrap
        label="Who takes the clients over"
        options={heirs.map(({ id, name }) => ({ value: id, label: name }))}
        value={heir ?? ''}
        onChange={setHeir}
      />
      {taken && (
        <Button
          kind="stop"
          label={`${label}; clients to ${taken.name}`}
          onPress={() => onHandOver(taken.id)}
        />
      )}
      <Button label="Keep as it is" onPress={() => setAsked(false)} />
    </View>
  );
}
