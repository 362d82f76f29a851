import { HELD_STEP } from '../../lift/counted';
import { stepUp } from '../../loads/loads';
import type { Much } from '../../words/row';
import type { Why } from '../../words/why';
import type { Scheme, Situation } from '../decision';

/**
 * What is held or carried: first it grows longer inside its range, then the load by a step and it starts short again. One
 * that ended early goes back to what all sets reached.
 */
export const byHolding: Scheme = {
  next({ lift, plan, sets, context }: Situation) {
    const { low, high } = plan.repRange;
    const base = { ...plan, loadG: sets.at(-1)?.loadG ?? plan.loadG };
    const least = Math.min(...sets.map((set) => set.reps));
    const much = (amount: number): Much => ({ amount, of: plan.counted ?? 'reps' });
    if (sets.length < lift.plan.sets) {
      return { plan: base, why: { code: 'again-sets-missing', much: much(plan.reps) } };
    }
    const asked = Math.min(plan.reps, lift.plan.reps);
    const reached = sets.filter((set) => set.reps >= asked).length;
    if (reached < sets.length && reached > sets.length / 2) {
      const again = { much: much(plan.reps), asked: much(asked) };
      const why = { code: 'again-some-reached', ...again, reached, sets: sets.length } as const;
      return { plan: base, why };
    }
    if (least < asked) {
      const reps = Math.max(low, Math.floor(least / HELD_STEP) * HELD_STEP);
      const why: Why =
        reps <= least
          ? { code: 'as-all-reached', much: much(reps) }
          : { code: 'shortest-asked', much: much(reps), least: much(least) };
      return { plan: { ...base, reps }, why };
    }
    if (sets.some((set) => set.marks.length > 0)) {
      return { plan: base, why: { code: 'again-until-clean', much: much(plan.reps) } };
    }
    if (plan.reps < high) {
      const reps = Math.min(high, plan.reps + HELD_STEP);
      return {
        plan: { ...base, reps },
        why: { code: 'grows-to', much: much(reps), from: much(plan.reps) },
      };
    }
    const up = stepUp(context.loads, base.loadG);
    if (!up) return { plan: base, why: { code: 'long-enough', much: much(high) } };
    return {
      plan: { ...base, loadG: up.loadG, reps: low },
      why: { code: 'heavier-and-short', loadG: up.loadG, low: much(low), high: much(high) },
    };
  },
};
