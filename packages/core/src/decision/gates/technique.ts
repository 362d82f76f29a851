import { AFTER_SAFETY_FAULT, CLEAN_SHARE } from '../../session/clean';
import type { LiftPlan } from '../../session/plan';
import type { LoggedSet } from '../../session/state';
import { massText } from '../../unit/mass';
import type { FaultFacts, Gate } from '../decision';
import { mainFault } from '../fault';
import { lowered } from '../lower';

/** The cue for a fault: the first remedy, or the next one when the same fault led the session before. */
function cueFor(fault: FaultFacts, current: string | null, repeated: boolean): string | null {
  if (!repeated) return fault.cueIds[0] ?? current;
  return fault.cueIds.find((cueId) => cueId !== current) ?? current;
}

/** Sessions in a row, this one included, that a fault led. */
function streakOf(fault: FaultFacts | null, earlier: readonly (string | null)[]): number {
  if (!fault) return 1;
  const other = earlier.findIndex((each) => each !== fault.id);
  return 1 + (other < 0 ? earlier.length : other);
}

/** How many reps showed a fault. */
const timesSeen = (sets: readonly LoggedSet[], fault: FaultFacts | null): number =>
  sets.flatMap(({ marks }) => marks).filter(({ faultId }) => faultId === fault?.id).length;

/** As many reps as every set had clean, within the range of the lift. */
function fewerReps({ reps, repRange }: LiftPlan, sets: readonly LoggedSet[]): number {
  const clean = Math.min(...sets.map(({ cleanReps }) => cleanReps));
  return Math.min(reps, Math.max(repRange.low, clean));
}

/** A safety fault, or too few clean reps: hold the load, lighter for safety, and set the cue that answers the fault. */
export const techniqueGate: Gate = {
  name: 'technique',
  decide({ lift, plan, sets, context }) {
    const last = sets.at(-1);
    if (!last) return null;
    // A load that was taken for fewer reps, today only, is not held for more of them.
    const heldG = lift.plan.reps < plan.reps ? Math.min(last.loadG, plan.loadG) : last.loadG;
    const done = sets.reduce((sum, set) => sum + set.reps, 0);
    const clean = sets.reduce((sum, set) => sum + set.cleanReps, 0);
    const fault = mainFault(sets, context.faults);
    const unsafe = fault?.weight === 'safety';
    if (!unsafe && clean >= done * CLEAN_SHARE) return null;
    const streak = streakOf(fault, context.faultHistory);
    // Once in a session is cued; twice, or the session after as well, is too heavy.
    const once = unsafe && streak === 1 && timesSeen(sets, fault) === 1;
    const loadG = !unsafe
      ? heldG
      : once
        ? plan.loadG
        : lowered(context.loads, heldG, AFTER_SAFETY_FAULT);
    const stuck = unsafe && !once && loadG >= heldG;
    const reps = stuck || (!unsafe && streak >= 2) ? fewerReps(plan, sets) : plan.reps;
    const focusCueId = fault ? cueFor(fault, plan.focusCueId, streak >= 2) : plan.focusCueId;
    const down = streak >= 3 || stuck ? context.easierLift : null;
    const seen = fault ? `: ${fault.name.toLowerCase()}` : '';
    return {
      plan: { ...plan, loadG, reps, focusCueId, ...(down && { stepDown: down }) },
      why: once
        ? `Hold the load, the cue first: one rep had the safety fault${seen}`
        : stuck
          ? `Nothing lighter is here for the safety fault${seen}: fewer reps, ${reps}`
          : unsafe
            ? `Lighter, ${massText(loadG, context.unit)}, for the safety fault${seen}`
            : `Hold the load${reps < plan.reps ? `, for ${reps} reps` : ''}: ${clean} of ${done} reps were clean${seen}`,
      advice: stuck
        ? context.regression && `Step down to ${context.regression} until it is clean.`
        : streak >= 3 && context.regression
          ? `Third session with this fault: step down to ${context.regression}${down ? ', which the next session holds until two sessions of it are clean' : ''}.`
          : streak === 2
            ? 'Second session with this fault: the cue changes.'
            : null,
    };
  },
};
