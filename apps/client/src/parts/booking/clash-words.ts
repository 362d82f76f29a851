import { clashesOf, overlaps } from '@spalo/core/planning';
import { listText, type Unit } from '@spalo/core/unit';
import { oneOf } from '../words/thing-words';
import { neededBy } from './hour-clients';
import { slotOf } from './slot';
import type { HourRow } from './use-hours';

const nameOf = ({ client }: HourRow) => client.calledName || client.name;

/** Where a booking crosses others, in words: a client twice, too many at once, or a thing that more want at once than there are. */
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
    .filter(({ isShort, shortFor }) => isShort && shortFor.includes(booking.id))
    .map(({ shortFor, thing, there }) => {
      const names = shortFor.map((id) => nameOf(slot.find((each) => each.booking.id === id)!));
      const wanted = `${listText(names.sort())} want ${oneOf(thing, room!, unit)} at once`;
      return `${wanted}; there ${there === 1 ? 'is one' : `are ${there}`}`;
    });
  return [...people, ...things];
}

/** Bookings in groups that no other booking reaches into: who starts before all of a group are over belongs to it. */
function groupsOf(rows: readonly HourRow[]): HourRow[][] {
  const groups: HourRow[][] = [];
  let until = -Infinity;
  const inOrder = [...rows].sort(
    (a, b) => Date.parse(a.booking.startsAt) - Date.parse(b.booking.startsAt),
  );
  for (const row of inOrder) {
    const start = Date.parse(row.booking.startsAt);
    const last = groups.at(-1);
    if (last && start < until) last.push(row);
    else groups.push([row]);
    until = Math.max(until, start + row.booking.minutes * 60_000);
  }
  return groups;
}

/** All crossings of some bookings, each once, with the booking that it was found at first. */
export function allClashes(rows: readonly HourRow[], unit: Unit): { row: HourRow; text: string }[] {
  return groupsOf(rows).flatMap((group) => {
    const found = new Map<string, HourRow>();
    const crossed = group.filter((row) =>
      group.some((other) => other !== row && overlaps(row.booking, other.booking)),
    );
    for (const row of crossed)
      for (const text of clashWords(row, group, unit)) if (!found.has(text)) found.set(text, row);
    return [...found].map(([text, row]) => ({ row, text }));
  });
}
