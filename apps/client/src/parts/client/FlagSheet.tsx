import type { Flag } from '@spalo/core';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { Choice } from '../../design/Choice';
import { Sheet } from '../../design/Sheet';
import { Stepper } from '../../design/Stepper';
import { TextField } from '../../design/TextField';
import { Strong } from '../../design/Words';
import { newId } from '../../state/log/ids';
import { jointOptions, sideOptions } from '../words/place-options';

const isDay = (text: string) =>
  text === '' || (/^\d{4}-\d{2}-\d{2}$/.test(text) && !Number.isNaN(Date.parse(text)));

/** Raises a flag: where, since when, who says so, what hurts and what is fine. */
export function FlagSheet({
  onClose,
  onSave,
}: {
  onClose: () => void;
  onSave: (flag: Flag) => void;
}) {
  const [place, setPlace] = useState<Flag['place']>('knee');
  const [side, setSide] = useState<Flag['side']>('none');
  const [note, setNote] = useState('');
  const [fine, setFine] = useState('');
  const [since, setSince] = useState('');
  const [saidBy, setSaidBy] = useState('');
  const [usualPain, setUsualPain] = useState(0);
  const [id] = useState(newId);
  const dayWrong = !isDay(since.trim());
  const save = () => {
    if (dayWrong) return;
    onSave({
      id,
      place,
      side,
      note: note.trim(),
      fine: fine.trim(),
      since: since.trim() || null,
      saidBy: saidBy.trim(),
      state: 'new',
      usualPain,
    });
  };
  return (
    <Sheet title="Raise a flag" open onClose={onClose}>
      <Choice label="Place" options={jointOptions} value={place} onChange={setPlace} wrap />
      <Choice label="Side" options={sideOptions} value={side} onChange={setSide} />
      <TextField label="What hurts" value={note} onChange={setNote} max={300} />
      <TextField label="What is fine" value={fine} onChange={setFine} max={300} />
      <View className="flex-row gap-2">
        <View className="flex-1">
          <TextField
            label="Since"
            value={since}
            onChange={setSince}
            max={10}
            hint="2026-11-24, or empty"
            problem={dayWrong ? 'A day as 2026-11-24' : null}
          />
        </View>
        <View className="flex-1">
          <TextField label="Who said so" value={saidBy} onChange={setSaidBy} max={200} />
        </View>
      </View>
      <Stepper
        label="Pain that is usual there, of 10"
        value={String(usualPain)}
        less={usualPain > 0 ? () => setUsualPain(usualPain - 1) : null}
        more={usualPain < 10 ? () => setUsualPain(usualPain + 1) : null}
      />
      {usualPain >= 4 && (
        <Strong className="text-oxide">From 4 of 10 a clinician should look at it first.</Strong>
      )}
      <Button kind="main" label="Raise the flag" onPress={save} />
    </Sheet>
  );
}
