import type { Unit } from '@spalo/core/unit';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { Choice } from '../../design/Choice';
import { Sheet } from '../../design/Sheet';
import { TextField } from '../../design/TextField';
import { Quiet } from '../../design/Words';
import { capital } from '../../design/sentence';
import { runOf } from './run-of-bells';

const units = [
  { value: 'kg', label: 'kg' },
  { value: 'lb', label: 'lb' },
] as const;
const pairs = [
  { value: 2, label: 'Pairs' },
  { value: 1, label: 'Singles' },
] as const;

/** Adds a rack of bells at once: from the first to the last by a step. Gaps are taken out afterwards. */
export function RunSheet({
  what,
  onAdd,
  onClose,
}: {
  what: string;
  onAdd: (masses: number[], unit: Unit, count: number) => void;
  onClose: () => void;
}) {
  const [typed, setTyped] = useState({ first: '', last: '', step: '' });
  const [unit, setUnit] = useState<Unit>('kg');
  const [count, setCount] = useState<number>(2);
  const [tried, setTried] = useState(false);
  const run = runOf(typed, unit);
  const problem = (name: 'first' | 'last' | 'step') =>
    tried && 'problems' in run ? (run.problems[name] ?? null) : null;
  const add = () => {
    setTried(true);
    if ('masses' in run) onAdd(run.masses, unit, count);
  };
  return (
    <Sheet title={`Add a run of ${what}`} open onClose={onClose}>
      <Choice label="Unit printed on them" options={units} value={unit} onChange={setUnit} />
      <View className="flex-row gap-2">
        {(['first', 'last', 'step'] as const).map((name) => (
          <View key={name} className="flex-1">
            <TextField
              label={capital(name)}
              value={typed[name]}
              onChange={(text) => setTyped({ ...typed, [name]: text })}
              max={6}
              inputMode="decimal"
              problem={problem(name)}
            />
          </View>
        ))}
      </View>
      <Choice label="Pairs or singles" options={pairs} value={count} onChange={setCount} />
      <Quiet>
        Masses that are there already stay as they are. Tap one afterwards to take it out.
      </Quiet>
      <Button
        kind="main"
        label={'masses' in run ? `Add ${run.masses.length}` : 'Add them'}
        onPress={add}
      />
    </Sheet>
  );
}
