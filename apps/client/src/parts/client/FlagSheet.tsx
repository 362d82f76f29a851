import { type Flag, isRedPlace, nowIso } from '@spalo/core';
import { useState } from 'react';
import { Button } from '../../design/Button';
import { Choice } from '../../design/Choice';
import { DateField } from '../../design/DateField';
import { Sheet } from '../../design/Sheet';
import { Stepper } from '../../design/Stepper';
import { TextField } from '../../design/TextField';
import { Strong } from '../../design/Words';
import { newId } from '../../state/log/ids';
import { isDay } from '../time/day-time';
import { jointOptions, sideOptions } from '../words/place-options';

/** A flag as it is typed: the day may be no day yet. */
type Typed = Flag & { since: string };

const blank = (): Typed => ({
  id: newId(),
  place: 'knee',
  side: 'none',
  note: '',
  fine: '',
  since: '',
  saidBy: '',
  state: 'new',
  usualPain: 0,
});

const flagOf = ({ note, fine, since, saidBy, ...rest }: Typed): Flag => ({
  ...rest,
  note: note.trim(),
  fine: fine.trim(),
  since: since.trim() || null,
  saidBy: saidBy.trim(),
});

/** Raises a flag or changes one: where, since when, who says so, what hurts and what is fine. */
export function FlagSheet({
  flag,
  onClose,
  onSave,
}: {
  /** The flag to change; none to raise one. */
  flag?: Flag;
  onClose: () => void;
  onSave: (flag: Flag) => void;
}) {
  const [typed, setTyped] = useState<Typed>(() =>
    flag ? { ...flag, since: flag.since ?? '' } : blank(),
  );
  const [today] = useState(() => nowIso().slice(0, 10));
  const { since, usualPain } = typed;
  const change = (part: Partial<Typed>) => setTyped({ ...typed, ...part });
  const dayWrong =
    since.trim() !== '' && !isDay(since.trim())
      ? 'A day as 2026-11-24'
      : since.trim() > today
        ? 'This day is still to come. When did it begin?'
        : null;
  const save = () => {
    if (!dayWrong) onSave(flagOf(typed));
  };
  const line = (name: 'note' | 'fine' | 'saidBy', label: string, max: number) => (
    <TextField
      label={label}
      value={typed[name]}
      onChange={(text) => change({ [name]: text })}
      max={max}
    />
  );
  return (
    <Sheet title={flag ? 'Change the flag' : 'Raise a flag'} open onClose={onClose}>
      {!isRedPlace(typed.place) && (
        <Choice<Flag['place']>
          label="Place"
          options={jointOptions}
          value={typed.place}
          onChange={(place) => change({ place })}
          wrap
        />
      )}
      <Choice
        label="Side"
        options={sideOptions}
        value={typed.side}
        onChange={(side) => change({ side })}
      />
      {line('note', 'What hurts', 300)}
      {line('fine', 'What is fine', 300)}
      <DateField
        label="Since"
        value={since}
        onChange={(text) => change({ since: text })}
        most={today}
        hint="2026-11-24, or empty"
        problem={dayWrong}
      />
      {line('saidBy', 'Who said so', 200)}
      <Stepper
        label="Pain that is usual there, of 10"
        value={String(usualPain)}
        less={usualPain > 0 ? () => change({ usualPain: usualPain - 1 }) : null}
        more={usualPain < 10 ? () => change({ usualPain: usualPain + 1 }) : null}
      />
      {usualPain >= 4 && (
        <Strong className="text-oxide">From 4 of 10 a clinician should look at it first.</Strong>
      )}
      <Button kind="main" label={flag ? 'Keep the flag' : 'Raise the flag'} onPress={save} />
    </Sheet>
  );
}
