import { massText } from '../../unit/mass';
import type { Scheme } from '../decision';
import { nearLoads, rangeHere } from '../../loads/near-loads';
import { bestSets } from '../../strength/worth';
import { MARGIN, reachOf } from './cap';

/**
 * After a climb: the load and reps that are most likely to leave the usual reserve by what is believed now, within
 * twice the cap above the last set's.
 */
export const afterClimb: Scheme = {
  id: 'after-climb',
  name: 'Found on the floor',
  next({ plan, sets, context }) {
    const { lift, loads, strength, usualRir, careful, unit } = context;
    const last = sets.at(-1)?.loadG ?? plan.loadG;
    const range = (loadG: number) => rangeHere(loads, loadG, plan.repRange);
    const aim = { range, targetRir: usualRir, careful };
    const outlook = strength.outlook(lift, usualRir, 'another');
    const { up, down } = reachOf(lift, last, outlook, plan.repRange.low + usualRir);
    const judged = nearLoads(loads, last, { up: 2 * up, down }).map((loadG) =>
      bestSets(outlook, loadG, plan.sets, aim),
    );
    const [stay] = judged;
    const highest = judged.reduce((kept, each) => (each.worth > kept.worth ? each : kept));
    const best = stay && highest.worth <= stay.worth + MARGIN ? stay : highest;
    const reps = best.reps[0]!;
    return {
      plan: { ...plan, loadG: best.loadG, reps, targetRir: usualRir },
      why: `Found on the floor: ${massText(best.loadG, unit)} for ${reps} with ${usualRir} left`,
    };
  },
};
