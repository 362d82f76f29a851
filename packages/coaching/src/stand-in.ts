import {
  isClosed,
  liftLimit,
  lockOf,
  type Person,
  type ProgrammeLift,
  type Room,
} from '@spalo/core';
import type { CoachedClient } from './client';
import { programmeLift } from './programme';
import { substitutesFor } from './substitutes';

/** Whether something of a lift, and not all loaded work, is closed to a client. */
const isClosedAlone = (person: Person, { lift }: ProgrammeLift, now: string) =>
  !isClosed(lockOf(person, lift, now)) && isClosed(liftLimit(person, lift, now));

/**
 * A programme in which each lift that a flag or a caution closes has another that stands in for it, for as long as it does:
 * the same pattern without the joint. The likest that the client knows comes first, so that it is the same one each week.
 */
export function withStandIns(
  programme: readonly ProgrammeLift[],
  client: CoachedClient,
  room: Room,
  now: string,
): ProgrammeLift[] {
  const taken = programme.map(({ lift }) => lift.id);
  return programme.map((entry) => {
    if (!isClosedAlone(client, entry, now)) return entry;
    const [best] = substitutesFor(entry.lift, {
      person: client,
      room,
      taken,
      now,
      history: client.history,
    });
    if (!best) return entry;
    taken.push(best.lift.id);
    return { ...entry, standIn: programmeLift(best.lift.id) };
  });
}
