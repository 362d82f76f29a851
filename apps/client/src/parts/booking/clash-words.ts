import { clashesOf, neededIn, type Needed, type Want } from '@spalo/core/planning';
import { massText, type Unit, listText } from '@spalo/core/unit';
import type { HourRow } from './use-hours';
import { implementName } from '../words/implement-words';
import { slotOf } from './slot';

/** What the sessions of some bookings want of their room. */
const wantsOf = (rows: readonly HourRow[]): Want[] =>
  rows.flatMap(({ booking, draft }) =>
    (draft?.lifts ?? []).map(({ liftId, implement, loadG }) => ({
      bookingId: booking.id,
      liftId,
      implement,
      loadG,
    })),
  );

/** What a slot needs from its room; nothing while the room is not known. */
export const neededBy = (rows: readonly HourRow[]): Needed[] => {
  const room = rows[0]?.room;
  return room ? neededIn(wantsOf(rows), room) : [];
};

const nameOf = ({ client }: HourRow) => client.calledName || client.name;

/** Where a booking crosses others, in words: a client twice, too many at once, or a thing that more want than there are. */
export function clashWords(row: HourRow, all: readonly HourRow[], unit: Unit): string[] {
  const { booking, room } = row;
  const people = clashesOf(
    booking,
    all.map((each) => each.booking),
  ).map((clash) =>
    clash.clash === 'client'
      ? `${nameOf(row)} is booked twice at this time`
      : `${clash.clients} clients at once for one trainer`,
  );
  const slot = slotOf(row, all);
  const things = neededBy(slot)
    .filter(({ isShort, wants }) => isShort && wants.some((want) => want.bookingId === booking.id))
    .map(({ wants, implement, loadG, there }) => {
      const ids = [...new Set(wants.map(({ bookingId }) => bookingId))];
      const names = ids.map((id) => nameOf(slot.find((each) => each.booking.id === id)!)).sort();
      const mass = loadG === null ? '' : ` ${massText(loadG, unit)}`;
      const thing = `${implementName(implement, room!)}${mass}`;
      return `${listText(names)} want ${thing}; there ${there === 1 ? 'is one' : `are ${there}`}`;
    });
  return [...people, ...things];
}

/** All crossings of some bookings, each once, with the booking that it was found at first. */
export function allClashes(rows: readonly HourRow[], unit: Unit): { row: HourRow; text: string }[] {
  const found = new Map<string, HourRow>();
  for (const row of rows)
    for (const text of clashWords(row, rows, unit)) if (!found.has(text)) found.set(text, row);
  return [...found].map(([text, row]) => ({ row, text }));
}
