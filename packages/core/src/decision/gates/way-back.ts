import { atOrBelow } from '../../loads/loads';
import { shareOfStep, stepAfter, WAY_BACK } from '../../session/way-back';
import { massText } from '../../unit/mass';
import type { Gate } from '../decision';

/** On the way back after pain: step by step to the believed load, as the joint took this session and the day after the last. */
export const wayBackGate: Gate = {
  name: 'way back',
  decide({ lift, plan, sets, context }) {
    const { wayBack } = plan;
    const last = sets.at(-1);
    if (!wayBack || !last) return null;
    const pain = Math.max(0, ...lift.pains.map(({ score }) => score));
    const next = stepAfter(wayBack, pain, lift.dayAfter, context.now);
    // Back to the whole load: the scheme takes it from here.
    if (!next || next.step >= WAY_BACK.length) return null;
    const { loads, strength, unit } = context;
    const believed = strength.loadFor(context.lift, plan.reps, plan.targetRir).mean;
    const load = atOrBelow(loads, believed * shareOfStep(next.step))?.loadG ?? last.loadG;
    const on = next.step > wayBack.step;
    const untold = wayBack.step > 0 && lift.dayAfter === undefined;
    const loadG = on ? Math.max(load, last.loadG) : Math.min(load, last.loadG);
    const why = on
      ? `Way back, step ${next.step + 1} of ${WAY_BACK.length}: ${massText(loadG, unit)}, if the ${wayBack.place} is settled tomorrow`
      : next.step < wayBack.step
        ? `A step back on the way: ${massText(loadG, unit)} for the ${wayBack.place}`
        : untold
          ? `${massText(loadG, unit)} again: nobody said how the ${wayBack.place} was on the day after`
          : `${massText(loadG, unit)} again: the ${wayBack.place} is not settled enough to go on`;
    return {
      plan: { ...plan, loadG, wayBack: next },
      why,
      advice: `Ask next time how the ${wayBack.place} was on the day after.`,
    };
  },
};
