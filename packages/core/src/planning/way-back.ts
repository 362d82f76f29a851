import { madeMs } from '../log/time-of-id';
import { stressOn } from '../lift/joints';
import type { Lift } from '../lift/lift';
import type { LiftMemory } from '../memory/lift-memory';
import { openFlags, type Flag, type Person } from '../person/person';
import type { WayBack } from '../session/way-back';

/** A flag may be written down a few days after the session that it came of. */
const LATE_DAYS = 4;
const DAY_MS = 24 * 3600 * 1000;

/** Whether a flag that does not constrain any more kept a lift from being done: it began after it was last done, or with it. */
function keptAway({ id, since, state }: Flag, lastDone: string): boolean {
  const began = since === null ? madeMs(id) : Date.parse(since);
  const late = Date.parse(lastDone.slice(0, 10)) - LATE_DAYS * DAY_MS;
  return (state === 'cleared' || state === 'closed') && began >= late;
}

/**
 * Where a lift is on its way back: as its plan says, or at the first step where a flag on a joint that it loads has kept it
 * away since it was last done, or its plan was closed after pain. Null where it is not on a way back.
 */
export function wayBackOf(
  lift: Lift,
  { plan, lastDone }: LiftMemory,
  person: Person,
): WayBack | null {
  if (!plan) return null;
  const loaded = ({ place }: Flag) => stressOn(lift, place) !== undefined;
  if (plan.closed === null && (plan.wayBack || openFlags(person).some(loaded))) {
    return plan.wayBack ?? null;
  }
  const flags = person.flags.filter(loaded);
  const kept = lastDone === null ? undefined : flags.find((flag) => keptAway(flag, lastDone));
  const place = plan.wayBack?.place ?? (kept ?? flags[0])?.place;
  return place !== undefined && (plan.closed !== null || kept) ? { place, step: 0 } : null;
}
