import { amid } from '../../unit/language';
import { AFTER_SAFETY_FAULT, CLEAN_SHARE } from '../../session/clean';
import type { LiftPlan } from '../../session/plan';
import type { LoggedSet } from '../../session/state';
import type { Grams } from '../../unit/mass';
import type { Why } from '../../words/why';
import { mainFault, type FaultFacts } from '../../session/main-fault';
import type { Gate, Situation } from '../decision';
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

/** What a session with a fault comes to: only the cue, less load, no less load to be had, or the load held. */
type Answer = 'cue' | 'lighter' | 'nothing lighter' | 'hold';

/** The answer and its load. */
function answered(
  { lift, plan, sets, context }: Situation,
  last: LoggedSet,
  fault: FaultFacts | null,
  streak: number,
): { answer: Answer; loadG: Grams } {
  // A load that was taken for fewer reps, today only, is not held for more of them.
  const heldG = lift.plan.reps < plan.reps ? Math.min(last.loadG, plan.loadG) : last.loadG;
  if (fault?.weight !== 'safety') return { answer: 'hold', loadG: heldG };
  // Once in a session is cued; twice, or the session after as well, is too heavy.
  if (streak === 1 && timesSeen(sets, fault) === 1)
    return { answer: 'cue', loadG: Math.min(plan.loadG, sets[0]!.loadG) };
  const loadG = lowered(context.loads, heldG, AFTER_SAFETY_FAULT);
  return { answer: loadG < heldG ? 'lighter' : 'nothing lighter', loadG };
}

/** What to advise after so many sessions with a fault; null for nothing. */
function adviceFor(
  answer: Answer,
  streak: number,
  regression: string | null,
  hasStepDown: boolean,
): string | null {
  if (answer === 'nothing lighter' && regression)
    return `Step down to ${regression} until it is clean.`;
  if (streak >= 3 && regression) {
    const until = hasStepDown
      ? ', which the next session holds until two sessions of it are clean'
      : '';
    return `Third session with this fault: step down to ${regression}${until}.`;
  }
  return streak === 2 ? 'Second session with this fault: the cue changes.' : null;
}

/** A safety fault, or too few clean reps: hold the load, lighter for safety, and set the cue that answers the fault. */
export const techniqueGate = {
  name: 'technique',
  decide(situation) {
    const { plan, sets, context } = situation;
    const last = sets.at(-1);
    if (!last) return null;
    const done = sets.reduce((sum, set) => sum + set.reps, 0);
    const clean = sets.reduce((sum, set) => sum + set.cleanReps, 0);
    const fault = mainFault(sets, context.faults);
    if (fault?.weight !== 'safety' && clean >= done * CLEAN_SHARE) return null;
    const streak = streakOf(fault, context.faultHistory);
    const { answer, loadG } = answered(situation, last, fault, streak);
    const fewer = answer === 'nothing lighter' || (answer === 'hold' && streak >= 2);
    const reps = fewer ? fewerReps(plan, sets) : plan.reps;
    const focusCueId = fault ? cueFor(fault, plan.focusCueId, streak >= 2) : plan.focusCueId;
    const down = streak >= 3 || answer === 'nothing lighter' ? context.easierLift : null;
    const seen = { fault: amid(fault?.name ?? '') };
    const asked = { reps: reps < plan.reps ? reps : 0 };
    const why: Record<Answer, Why> = {
      cue: { code: 'cue-first', ...seen },
      lighter: { code: 'lighter-for-fault', loadG, ...seen },
      'nothing lighter': { code: 'nothing-lighter-for-fault', ...asked, ...seen },
      hold: { code: 'held-unclean', clean, done, ...asked, ...seen },
    };
    return {
      plan: { ...plan, loadG, reps, focusCueId, ...(down && { stepDown: down }) },
      why: why[answer],
      advice: adviceFor(answer, streak, context.regression, Boolean(down)),
    };
  },
} as const satisfies Gate;
