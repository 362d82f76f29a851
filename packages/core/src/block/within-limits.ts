import type { Lift } from '../lift/lift';
import { atOrBelow, type Loads } from '../loads/loads';
import { leastReps, manyReps, workingRange, type LimitContext } from '../person/limits';
import type { Person } from '../person/person';
import { rangeWith, type LiftPlan } from '../session/plan';
import type { StrengthProfile } from '../strength/profile';

/** Clean reps that are left at least, under 18, when older and new, when nervous, and after what screening found. */
const LEAST_RIR = 3;

/** The fewest clean reps that any plan leaves in reserve for somebody, whatever a block or a scheme asks. */
function leastReserve(person: Person, now: string): number {
  const careful =
    manyReps(person, now) || person.nervous || person.cautions.includes('light start');
  return careful ? LEAST_RIR : 0;
}

/** What somebody's plans are held to, and with what a load for more reps is found. */
export interface LimitsHere extends LimitContext {
  person: Person;
  lift: Lift;
  loads: Loads;
  strength: StrengthProfile;
}

/** What is asked of a set, with the reps and the reserve that are open to somebody. */
export function allowedAsk<T extends { reps: number; targetRir: number }>(
  ask: T,
  person: Person,
  lift: Lift,
  context: LimitContext,
): T {
  if (lift.counted !== 'reps') return ask;
  return {
    ...ask,
    reps: leastReps(person, lift, ask.reps, context),
    targetRir: Math.max(ask.targetRir, leastReserve(person, context.now)),
  };
}

/**
 * The last thing that every plan passes, whoever made it: reps and reserve that are open to this person, with a load that
 * asks no more than before. A plan that keeps to them is left as it is.
 */
export function withinLimits<T extends LiftPlan>(plan: T, limits: LimitsHere): T {
  const { person, lift, loads, strength, now, faults } = limits;
  if (plan.counted || lift.counted !== 'reps') return plan;
  const { reps, targetRir } = allowedAsk(plan, person, lift, { now, faults });
  if (reps === plan.reps && targetRir === plan.targetRir) return plan;
  const outlook = strength.outlook(lift, targetRir, 'another');
  const then = outlook.limit(plan.reps + plan.targetRir, 0).mu;
  const here = outlook.limit(reps + targetRir, 0).mu;
  const loadG = atOrBelow(loads, plan.loadG * Math.min(1, Math.exp(here - then)))?.loadG;
  const usual = workingRange(person, lift, { now, faults });
  return {
    ...plan,
    reps,
    targetRir,
    repRange: reps === plan.reps ? plan.repRange : rangeWith(usual, reps),
    loadG: Math.min(plan.loadG, loadG ?? plan.loadG),
  };
}
