import { atOrBelow, stepDown, stepUp } from '../../loads/loads';
import { noMisses } from '../../session/scheme';
import type { LiftPlan } from '../../session/plan';
import type { Proposal, Scheme, Situation } from '../decision';
import { CAP } from '../../lift/cap';
import { doubleProgression } from './double-progression';

/** Two misses in a row: so much of the load stays. */
const SET_BACK = 0.9;
const MISSES = 2;

/** The plan without what it remembers of misses. */
const fresh = ({ misses: _misses, ...plan }: LiftPlan): LiftPlan => plan;

/** Two misses in a row: a tenth down; the second time on to double progression. */
function missedAgain({ plan, context }: Situation, loadG: number, setBacks: number): Proposal {
  const { loads } = context;
  const lower = atOrBelow(loads, loadG * SET_BACK) ?? stepDown(loads, loadG);
  const back = lower?.loadG ?? loadG;
  if (setBacks > 0) {
    return {
      plan: { ...fresh(plan), loadG: back, reps: plan.repRange.low, scheme: 'double progression' },
      why: { code: 'missed-to-double', loadG: back },
    };
  }
  return {
    plan: { ...plan, loadG: back, misses: { inARow: 0, setBacks: 1 } },
    why: { code: 'tenth-down', loadG: back },
  };
}

/** A fixed small step each session while all reps are clean. */
export const linear: Scheme = {
  next(situation) {
    const { plan, sets, context } = situation;
    const { lift, loads } = context;
    const loadG = sets.at(-1)?.loadG ?? plan.loadG;
    const misses = plan.misses ?? noMisses;
    const whole = sets.length >= plan.sets && sets.every((set) => set.cleanReps >= plan.reps);
    if (!whole) {
      const inARow = misses.inARow + 1;
      if (inARow >= MISSES) return missedAgain(situation, loadG, misses.setBacks);
      return {
        plan: { ...plan, loadG, misses: { ...misses, inARow } },
        why: { code: 'again-missed', loadG, reps: plan.reps },
      };
    }
    if (sets.every(({ rir }) => rir === 0)) {
      return {
        plan: { ...plan, loadG },
        why: { code: 'again-none-left', loadG },
      };
    }
    const usual = atOrBelow(loads, loadG + lift.stepG);
    const step = usual && usual.loadG > loadG ? usual : stepUp(loads, loadG);
    const on = misses.setBacks > 0 ? { ...plan, misses: { ...misses, inARow: 0 } } : fresh(plan);
    const coarse = step && step.loadG > loadG * (1 + 2 * CAP[lift.region]);
    if (!step || coarse) {
      const { plan: next, why } = doubleProgression.next(situation);
      return { plan: next, why: { code: 'no-small-step', why } };
    }
    return {
      plan: { ...on, loadG: step.loadG },
      why: { code: 'step-up-clean', loadG: step.loadG },
    };
  },
};
