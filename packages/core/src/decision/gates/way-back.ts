import { atOrBelow } from '../../loads/loads';
import type { LiftPlan } from '../../session/plan';
import { shareOfStep, stepAfter, WAY_BACK, type WayBack } from '../../session/way-back';
import type { Grams } from '../../unit/mass';
import type { Much } from '../../words/row';
import type { Why } from '../../words/why';
import type { DecisionContext, Gate } from '../decision';

/** The load that a step asks, and how much that is: of a hold or a carry, how long or how far it is then. */
function askedAt(
  { step, whole }: WayBack,
  lastG: Grams,
  on: boolean,
  { reps, targetRir, counted }: LiftPlan,
  { lift, loads, strength }: DecisionContext,
): { loadG: Grams; much: Much } {
  if (counted) {
    const amount = Math.round((whole ?? reps) * shareOfStep(step));
    return { loadG: lastG, much: { amount, of: counted } };
  }
  const believed = strength.loadFor(lift, reps, targetRir).mean;
  const load = atOrBelow(loads, believed * shareOfStep(step))?.loadG ?? lastG;
  const loadG = on ? Math.max(load, lastG) : Math.min(load, lastG);
  return { loadG, much: { loadG } };
}

/** On the way back after pain: step by step to the believed load, as the joint took this session and the day after the last. */
export const wayBackGate = {
  name: 'way back',
  decide({ lift, plan, sets, context }) {
    const { wayBack } = plan;
    const last = sets.at(-1);
    if (!wayBack || !last) return null;
    const pain = Math.max(0, ...lift.pains.map(({ score }) => score));
    const next = stepAfter(wayBack, pain, lift.dayAfter, context.now);
    // Back to the whole load: the scheme takes it from here.
    if (!next || next.step >= WAY_BACK.length) return null;
    const on = next.step > wayBack.step;
    const untold = wayBack.step > 0 && lift.dayAfter === undefined;
    const { loadG, much } = askedAt(next, last.loadG, on, plan, context);
    const { place } = wayBack;
    const way: Why = on
      ? { code: 'way-back-on', step: next.step + 1, of: WAY_BACK.length, much, place }
      : next.step < wayBack.step
        ? { code: 'way-back-down', much, place }
        : { code: untold ? 'way-back-untold' : 'way-back-unsettled', much, place };
    return {
      plan: { ...plan, loadG, wayBack: next },
      why: way,
      advice: `Ask next time how the ${wayBack.place} was on the day after.`,
    };
  },
} as const satisfies Gate;
