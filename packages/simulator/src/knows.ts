import type { Lift } from '@spalo/core/lift';
import { atOrBelow, type Loads } from '@spalo/core/loads';
import type { LiftPlan } from '@spalo/core/session';
import { trueLoad, trueRepsToLimit, type Lifter } from './lifter';

/** Load and reps of who knows the truth, the same for all sets: as many as can be leave what is asked. */
export function knownBest(
  lifter: Lifter,
  lift: Lift,
  plan: LiftPlan,
  loads: Loads,
  others: number,
): LiftPlan {
  const strength = lifter.oneRepMaxG[lift.id]!;
  const carried = Math.min(1, others / 4) * lifter.carry;
  const worth = (loadG: number, reps: number) => {
    const left = trueRepsToLimit(lifter, lift.id, strength, loadG) - carried - reps;
    let sum = 0;
    for (let nth = 0; nth < plan.sets; nth += 1) {
      const now = left - nth * lifter.fatigue;
      if (Math.abs(now - 0.5 - plan.targetRir) <= 1.5) sum += 1;
      else if (now < 0) sum -= 1;
      sum -= 0.01 * Math.abs(now - 0.5 - plan.targetRir);
    }
    return sum;
  };
  let best = { plan, worth: -Infinity };
  for (let reps = plan.repRange.low; reps <= plan.repRange.high; reps += 1) {
    const loadG = atOrBelow(
      loads,
      trueLoad(lifter, lift.id, reps + plan.targetRir + carried),
    )!.loadG;
    for (const each of [
      loadG,
      atOrBelow(loads, loadG * 0.95)!.loadG,
      atOrBelow(loads, loadG * 0.9)!.loadG,
    ]) {
      const found = worth(each, reps);
      if (found > best.worth) best = { plan: { ...plan, loadG: each, reps }, worth: found };
    }
  }
  return best.plan;
}

/** Load and reps for one set of who knows what is there now: `lost` reps have gone to earlier sets. */
export function knownSet(
  lifter: Lifter,
  lift: Lift,
  plan: LiftPlan,
  loads: Loads,
  { day, lost }: { day: number; lost: number },
): { loadG: number; reps: number } {
  let best = { loadG: plan.loadG, reps: plan.reps, off: Infinity };
  for (let reps = plan.repRange.low; reps <= plan.repRange.high; reps += 1) {
    const right = day * trueLoad(lifter, lift.id, reps + plan.targetRir + lost + 0.5);
    for (const near of [atOrBelow(loads, right)!, loads.from(right)!]) {
      const strength = lifter.oneRepMaxG[lift.id]! * day;
      const left = trueRepsToLimit(lifter, lift.id, strength, near.loadG) - lost - reps;
      const off = Math.abs(left - 0.5 - plan.targetRir);
      if (off < best.off) best = { loadG: near.loadG, reps, off };
    }
  }
  return best;
}
