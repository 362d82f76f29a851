import { type Flag, ratedNow } from '@spalo/core/person';
import { nowMs, studioDay } from '@spalo/core/unit';
import { useState } from 'react';
import { Button } from '../../design/Button';
import { DateField } from '../../design/DateField';
import { Sheet } from '../../design/Sheet';
import { Stepper } from '../../design/Stepper';
import { TextField } from '../../design/TextField';
import { Strong } from '../../design/Words';
import { newId } from '../../state/log/ids';
import { NO_DAY, isDay } from '../time/day-time';
import { FlagWhere } from './FlagWhere';

/** A flag as it is typed: the day may be no day yet, and nothing is guessed of where, which side and how much. */
interface Typed extends Omit<Flag, 'place' | 'side' | 'since'> {
  place: Flag['place'] | null;
  side: Flag['side'] | null;
  since: string;
  /** How much it hurts now, 0–10; null while nobody said. */
  now: number | null;
}

const blank = (today: string): Typed => ({
  id: newId(),
  place: null,
  side: null,
  note: '',
  fine: '',
  since: today,
  saidBy: 'the client',
  state: 'new',
  usualPain: 0,
  now: null,
});

/** The flag as it is kept, on a day; null while something is still to be said. */
function flagOf({ now, place, side, ...typed }: Typed, today: string): Flag | null {
  if (place === null || side === null) return null;
  const { note, fine, since, saidBy, ...rest } = typed;
  const flag: Flag = {
    ...rest,
    place,
    side,
    note: note.trim(),
    fine: fine.trim(),
    since: since.trim() || null,
    saidBy: saidBy.trim(),
  };
  return now === null ? flag : ratedNow(flag, now, today);
}

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
  const [today] = useState(() => studioDay(nowMs()));
  const [typed, setTyped] = useState<Typed>(() =>
    flag ? { ...flag, since: flag.since ?? '', now: null } : blank(today),
  );
  const [tried, setTried] = useState(false);
  const { since, usualPain, place, side, now } = typed;
  const change = (part: Partial<Typed>) => setTyped({ ...typed, ...part });
  const dayWrong =
    since.trim() !== '' && !isDay(since.trim())
      ? NO_DAY
      : since.trim() > today
        ? 'This day is still to come. When did it begin?'
        : null;
  const missing = [
    ...(now === null && !flag ? ['how strong it is now'] : []),
    ...(place === null ? ['the place'] : []),
    ...(side === null ? ['the side'] : []),
  ];
  const save = () => {
    setTried(true);
    const kept = dayWrong || missing.length > 0 ? null : flagOf(typed, today);
    if (kept) onSave(kept);
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
      <FlagWhere place={place} side={side} now={now} onChange={change} />
      {line('note', 'What hurts', 300)}
      {line('fine', 'What is fine', 300)}
      <DateField
        label="Since"
        value={since}
        onChange={(text) => change({ since: text })}
        most={today}
        hint="As 24 Nov 2026, or empty"
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
      {tried && missing.length > 0 && (
        <Strong role="alert" className="text-oxide">{`Say ${missing.join(', ')}.`}</Strong>
      )}
      <Button kind="main" label={flag ? 'Save the flag' : 'Raise the flag'} onPress={save} />
    </Sheet>
  );
}
