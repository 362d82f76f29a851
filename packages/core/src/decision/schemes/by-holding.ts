import { amountText, HELD_STEP } from '../../lift/counted';
import { stepUp } from '../../loads/loads';
import { massText } from '../../unit/mass';
import type { Scheme, Situation } from '../decision';

/**
 * What is held or carried: first it grows longer inside its range, then the load by a step and it starts short again. One
 * that ended early goes back to what all sets reached.
 */
export const byHolding: Scheme = {
  id: 'by-holding',
  name: 'Longer, then heavier',
  next({ lift, plan, sets, context }: Situation) {
    const { low, high } = plan.repRange;
    const base = { ...plan, loadG: sets.at(-1)?.loadG ?? plan.loadG };
    const least = Math.min(...sets.map((set) => set.reps));
    const say = (amount: number) => amountText(amount, plan.counted);
    if (sets.length < lift.plan.sets) {
      return { plan: base, why: `${say(plan.reps)} again: not every set was done` };
    }
    const asked = Math.min(plan.reps, lift.plan.reps);
    const reached = sets.filter((set) => set.reps >= asked).length;
    if (reached < sets.length && reached > sets.length / 2) {
      const why = `${say(plan.reps)} again: ${reached} of ${sets.length} sets reached ${say(asked)}`;
      return { plan: base, why };
    }
    if (least < asked) {
      const reps = Math.max(low, Math.floor(least / HELD_STEP) * HELD_STEP);
      const why =
        reps <= least
          ? `${say(reps)}, as all sets reached it`
          : `${say(reps)}, the shortest that is asked: one set came to ${say(least)}`;
      return { plan: { ...base, reps }, why };
    }
    if (sets.some((set) => set.marks.length > 0)) {
      return { plan: base, why: `${say(plan.reps)} again, until nothing is seen in it` };
    }
    if (plan.reps < high) {
      const reps = Math.min(high, plan.reps + HELD_STEP);
      return {
        plan: { ...base, reps },
        why: `Up to ${say(reps)}: all sets reached ${say(plan.reps)}`,
      };
    }
    const up = stepUp(context.loads, base.loadG);
    if (!up) return { plan: base, why: `${say(high)} is long enough, and nothing heavier is here` };
    return {
      plan: { ...base, loadG: up.loadG, reps: low },
      why: `Up to ${massText(up.loadG, context.unit)} for ${say(low)}: all sets reached ${say(high)}`,
    };
  },
};
