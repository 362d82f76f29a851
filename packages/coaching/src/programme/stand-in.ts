import { easierLiftOf, findLift } from '@spalo/catalog';
import { canBeDone } from '@spalo/core/loads';
import { memoryOf } from '@spalo/core/memory';
import { isClosed, liftLimit, lockOf, type Person } from '@spalo/core/person';
import type { ProgrammeLift } from '@spalo/core/planning';
import type { Room } from '@spalo/core/room';
import type { CoachedClient } from '../client/client';
import { programmeLift } from './programme';
import { substitutesFor } from './substitutes';

/** Whether a lift, and not all loaded work, is closed to a client, or cannot be done in this room. */
const isOutAlone = (person: Person, { lift }: ProgrammeLift, room: Room, now: string) =>
  !isClosed(lockOf(person, now)) &&
  (isClosed(liftLimit(person, lift, now)) || !canBeDone(lift, room, person.bodyMassG));

/** Clean sessions of the easier lift after which the lift itself is done again. */
const CLEAN = 2;

/** A lift with the easier one that its plan stepped down to, until that was clean in two sessions in a row. */
function withStepDown(
  entry: ProgrammeLift,
  { history }: CoachedClient,
  taken: string[],
): ProgrammeLift {
  const { plan, lastDone } = memoryOf(history, entry.lift.id);
  const down = plan?.stepDown;
  if (down === undefined || !findLift(down) || taken.includes(down)) return entry;
  const since = (memoryOf(history, down).marked ?? []).filter(({ at }) => at > (lastDone ?? ''));
  const clean = since
    .slice(0, CLEAN)
    .filter(({ sets }) => sets.every(({ marks }) => marks.length === 0));
  if (clean.length >= CLEAN) return entry;
  taken.push(down);
  return { ...entry, steppedDown: programmeLift(down) };
}

/** Rungs that are looked down for something light enough. */
const RUNGS = 4;

/** A lift with the easier ones below it on its ladder, nearest first, as far as this room loads them. */
function withEasier(
  entry: ProgrammeLift,
  person: Person,
  room: Room,
  taken: readonly string[],
): ProgrammeLift {
  const below: ProgrammeLift[] = [];
  let id = easierLiftOf(entry.lift.id);
  for (let rung = 0; rung < RUNGS && id !== null; rung += 1) {
    const lift = findLift(id);
    if (lift && !taken.includes(id) && canBeDone(lift, room, person.bodyMassG))
      below.push(programmeLift(id));
    id = lift ? easierLiftOf(id) : null;
  }
  const easier = below.reduceRight<ProgrammeLift | undefined>(
    (next, each) => (next ? { ...each, easier: next } : each),
    undefined,
  );
  return easier ? { ...entry, easier } : entry;
}

/**
 * A programme in which each lift that a flag or a caution closes, or that this room has nothing for, has another that stands
 * in for it, for as long as it does: the same pattern without the joint. The likest that the client knows comes first, so that it is the same one each week.
 */
export function withStandIns(
  programme: readonly ProgrammeLift[],
  client: CoachedClient,
  room: Room,
  now: string,
): ProgrammeLift[] {
  const taken = programme.map(({ lift }) => lift.id);
  return programme.map((entry) => {
    if (!isOutAlone(client, entry, room, now)) {
      return withEasier(withStepDown(entry, client, taken), client, room, taken);
    }
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
