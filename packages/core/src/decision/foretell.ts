import type { LiftPlan } from '../session/plan';
import { bestSets, chances } from '../strength/worth';
import type { DecisionContext } from './decision';

/**
 * Of the sets of a plan, the share that will likely leave the asked reserve, give or take one, on another day; null where
 * nothing is believed. Too low so far (the bench sets it beside what came), so that no decision carries it.
 */
export function foretell(
  plan: LiftPlan,
  { lift, strength, careful }: Pick<DecisionContext, 'lift' | 'strength' | 'careful'>,
): number | null {
  if (plan.counted || plan.closed !== null) return null;
  const { loadG, targetRir, sets, reps } = plan;
  const outlook = strength.outlook(lift, targetRir, 'another');
  // The floor asks for fewer reps as sets tire, and for no more than planned.
  const range = () => ({ low: Math.min(plan.repRange.low, reps), high: reps });
  const asked = bestSets(outlook, loadG, sets, { range, targetRir, careful }).reps;
  const good = asked.map((each, more) => chances(outlook, loadG, each, more, targetRir).good);
  return good.reduce((sum, each) => sum + each, 0) / good.length;
}
