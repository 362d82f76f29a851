import { dayPlus, studioDay } from '../unit/days';
import { madeMs } from '../log/time-of-id';
import { stressOn } from '../lift/joints';
import type { Lift } from '../lift/lift';
import type { LiftMemory } from '../memory/lift-memory';
import { degreeOf } from '../person/flag-degree';
import { openFlags, type Flag, type Person } from '../person/person';
import type { WayBack } from '../session/way-back';

/** A flag may be written down a few days after the session that it came of. */
const LATE_DAYS = 4;

/** Pain from which the whole load waits for a week after the place was closed. */
const STRONG = 5;
const WEEK_DAYS = 7;

/** Whether a flag that does not close any more kept a lift from being done: it began to after that was last done, or with it. */
function keptAway(flag: Flag, lastDone: string): boolean {
  const { id, since, state, degree, closedOn } = flag;
  const from = closedOn ?? since;
  const began = from === null ? madeMs(id) : Date.parse(from);
  const late = Date.parse(dayPlus(studioDay(lastDone), -LATE_DAYS));
  const isOver = state === 'cleared' || state === 'closed' || degreeOf(flag) !== 'closed';
  const wasClosing = closedOn !== undefined || degree === undefined || degree === 'closed';
  return isOver && wasClosing && state !== 'removed' && began >= late;
}

/** The way back from its first step, for what a flag kept away. */
function fromTheStart({ place, side, worst = 0, closedOn }: Flag): WayBack {
  const fullFrom =
    closedOn !== undefined && worst >= STRONG ? dayPlus(closedOn, WEEK_DAYS) : undefined;
  return { place, side, step: 0, ...(fullFrom !== undefined && { fullFrom }) };
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
  const flags = person.flags.filter(loaded);
  const kept = lastDone === null ? undefined : flags.find((flag) => keptAway(flag, lastDone));
  const { wayBack } = plan;
  // Begun already, and nothing has closed it since.
  if (plan.closed === null && wayBack && (wayBack.since !== undefined || !kept)) return wayBack;
  const holds = (flag: Flag) => loaded(flag) && degreeOf(flag) === 'closed';
  if (plan.closed === null && openFlags(person).some(holds)) return wayBack ?? null;
  const flag = kept ?? (plan.closed === null ? undefined : flags[0]);
  if (flag) return fromTheStart(flag);
  return plan.closed !== null && wayBack ? { place: wayBack.place, step: 0 } : null;
}
