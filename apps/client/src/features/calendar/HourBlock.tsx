import { isExpected } from '@spalo/core/planning';
import { View } from 'react-native';
import { Icon } from '../../design/Icon';
import { Quiet, Strong } from '../../design/Words';
import { Silhouette } from '../../parts/booking/Silhouette';
import type { HourRow } from '../../parts/booking/use-hours';
import { clockTime } from '../../parts/time/day-time';

/** What a booking is, as it is read out. */
export function hourText({ booking, client }: HourRow, zone: string, clashes: readonly string[]) {
  const { startsAt, minutes, state = 'booked' } = booking;
  const what = state === 'booked' ? '' : `, ${state}`;
  const odd = clashes.length > 0 ? `. ${clashes.join('. ')}` : '';
  return `${client.name}, ${clockTime(startsAt, zone)}, ${minutes} min${what}${odd}`;
}

/** A booking in the hours of a day: who and when, with the silhouette of the session; crossings with words. */
export function HourBlock({
  row,
  zone,
  clashes,
  trainer,
  narrow = false,
}: {
  row: HourRow;
  zone: string;
  clashes: readonly string[];
  /** Whose booking it is, where that is not the one who looks. */
  trainer: string | null;
  /** There is room for little more than a name. */
  narrow?: boolean;
}) {
  const { booking, client, draft } = row;
  const expected = isExpected(booking);
  const done = booking.session?.finished ?? false;
  const frame = !expected
    ? 'border-dashed border-slate bg-paper'
    : clashes.length > 0
      ? 'border-oxide bg-card'
      : done
        ? 'border-line bg-card'
        : 'border-moss bg-card';
  return (
    <View
      className={`h-full w-full overflow-hidden rounded-2xl border-2 py-1 ${narrow ? 'px-1' : 'px-2'} ${frame}`}
    >
      {draft && expected && <Silhouette draft={draft} faint={done} />}
      <View className="flex-row items-center gap-1">
        {clashes.length > 0 && !narrow && <Icon name="alert" size={16} color="oxide" />}
        <Strong
          numberOfLines={1}
          className={`min-w-0 shrink ${narrow ? 'font-figure' : ''} ${expected ? '' : 'line-through'}`}
        >
          {client.calledName || client.name}
        </Strong>
      </View>
      <Quiet numberOfLines={1} className={`text-ink ${narrow ? 'font-figure' : ''}`}>
        {expected ? clockTime(booking.startsAt, zone) : booking.state}
      </Quiet>
      {trainer && (
        <Quiet numberOfLines={1} className="text-ink">
          {trainer}
        </Quiet>
      )}
    </View>
  );
}
