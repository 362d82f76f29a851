import { crossing, isExpected } from '@spalo/core/planning';
import type { HourRow } from './use-hours';

/** The bookings that are there at the same time as one, in the same room, itself first. */
export function slotOf(row: HourRow, all: readonly HourRow[]): HourRow[] {
  const ids = crossing(
    row.booking,
    all.map(({ booking }) => booking),
  ).map(({ id }) => id);
  const there = all.filter(
    ({ booking, room }) => ids.includes(booking.id) && room?.id === row.room?.id,
  );
  return [row, ...there];
}

/** The next slot of a day: the first that nobody has begun, with all that are there at the same time. */
export function nextSlot(rows: readonly HourRow[]): HourRow[] {
  const coming = rows.filter(({ booking }) => isExpected(booking) && !booking.session);
  const [first] = coming;
  return first ? slotOf(first, coming) : [];
}
