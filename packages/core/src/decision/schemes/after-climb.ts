import type { Scheme } from '../decision';
import { ofNearLoads } from '../../loads/near-loads';
import { aimHere, bestSets, choose, isDear } from '../../strength/worth';
import { leaves } from '../leaves';
import { MARGIN, reachOf } from './cap';

/**
 * After a climb: the load and reps that are most likely to leave the usual reserve by what is believed now, within
 * twice the reach of other sessions above the last set's.
 */
export const afterClimb: Scheme = {
  next({ plan, sets, context }) {
    const { lift, loads, strength, usualRir, careful } = context;
    const last = sets.at(-1)?.loadG ?? plan.loadG;
    const dear = isDear(careful, strength.setsOf(lift));
    const aim = aimHere(loads, plan.repRange, { targetRir: usualRir, careful: dear });
    const outlook = strength.outlook(lift, usualRir, 'another');
    const { up, down } = reachOf(lift, last, outlook, plan.repRange.low + usualRir);
    const judged = ofNearLoads(loads, last, { up: 2 * up, down }, (loadG) =>
      bestSets(outlook, loadG, plan.sets, aim),
    );
    const { chosen } = choose(judged, MARGIN);
    const reps = chosen.reps[0]!;
    return {
      plan: { ...plan, loadG: chosen.loadG, reps, targetRir: usualRir },
      why: {
        code: 'found-on-floor',
        loadG: chosen.loadG,
        reps,
        left: leaves(chosen.likely, usualRir),
      },
    };
  },
};
