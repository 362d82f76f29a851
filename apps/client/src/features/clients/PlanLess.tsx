import { type TurnedDown, type TurnedDownReason, turnedDownReasons } from '@spalo/core/person';
import type { Room } from '@spalo/core/room';
import { nowMs } from '@spalo/core/unit';
import { useState } from 'react';
import { Button } from '../../design/Button';
import { Choice } from '../../design/Choice';
import { ChoiceField } from '../../design/ChoiceField';
import { DateField } from '../../design/DateField';
import { capital } from '../../design/sentence';
import { Sheet } from '../../design/Sheet';
import { Body } from '../../design/Words';
import { NO_DAY, formDay, isDay } from '../../parts/time/day-time';

const DAY_MS = 24 * 3600 * 1000;
const reasons = turnedDownReasons.map((value) => ({ value, label: capital(value) }));
const kinds = [
  { value: 'lighter', label: 'Lighter' },
  { value: 'away', label: 'Away' },
] as const;
const means = {
  lighter: 'Each pattern once, a third fewer sets, a little lighter. A block goes on after them.',
  away: 'Nothing is trained. A block goes on after it, and the first session back begins lighter.',
} as const;

/** What is wrong with the days that were typed; null where nothing is. */
function problemOf(from: string, to: string): { from?: string; to?: string } | null {
  if (!isDay(from)) return { from: NO_DAY };
  if (!isDay(to)) return { to: NO_DAY };
  return from > to ? { to: 'Ends before it begins' } : null;
}

/** When and why less is done or nothing, and where. */
export function PlanLess({
  rooms,
  zone,
  onKeep,
  onClose,
}: {
  rooms: readonly Room[];
  zone: string;
  onKeep: (less: TurnedDown) => void;
  onClose: () => void;
}) {
  const [kind, setKind] = useState<keyof typeof means>('lighter');
  const [from, setFrom] = useState(() => formDay(nowMs(), zone));
  const [to, setTo] = useState(() => formDay(nowMs() + 6 * DAY_MS, zone));
  const [reason, setReason] = useState<TurnedDownReason>('holiday');
  const [roomId, setRoomId] = useState<string>('');
  const [tried, setTried] = useState(false);
  const problem = tried ? problemOf(from, to) : null;
  const away = kind === 'away';
  const keep = () => {
    setTried(true);
    if (problemOf(from, to)) return;
    onKeep({ from, to, reason, ...(away ? { away } : roomId && { roomId }) });
  };
  return (
    <Sheet title="Lighter week, or away" open onClose={onClose}>
      <Choice label="What it is" options={kinds} value={kind} onChange={setKind} />
      <Body>{means[kind]}</Body>
      <DateField label="From" value={from} onChange={setFrom} problem={problem?.from ?? null} />
      <DateField label="To" value={to} onChange={setTo} problem={problem?.to ?? null} />
      <Choice label="Why" options={reasons} value={reason} wrap onChange={setReason} />
      {!away && rooms.length > 1 && (
        <ChoiceField
          label="Where they train meanwhile"
          options={[
            { value: '', label: 'The usual room' },
            ...rooms.map(({ id, name }) => ({ value: id, label: name })),
          ]}
          value={roomId}
          wrap
          onChange={setRoomId}
        />
      )}
      <Button
        kind="main"
        big
        label={away ? 'Save time away' : 'Save lighter week'}
        onPress={keep}
      />
    </Sheet>
  );
}
