import { massText } from '../../unit/mass';
import type { Proposal, Scheme, Situation } from '../decision';
import { ofNearLoads } from '../../loads/near-loads';
import { aimHere, bestSets, choose, isDear } from '../../strength/worth';
import { MARGIN, reachOf } from './cap';

/** How many reps each of the sets is, in words: "9, 9 and 8". */
const listed = (reps: readonly number[]) =>
  reps.length < 2 ? `${reps[0]}` : `${reps.slice(0, -1).join(', ')} and ${reps.at(-1)}`;

/**
 * Load and reps whose sets are most likely to leave the asked reserve, by all that is believed: of the lift, of how
 * tired sets leave the client, of the day. One report moves the belief and nothing else.
 */
export const byOutlook: Scheme = {
  id: 'by-outlook',
  name: 'By what is believed',
  next({ plan, sets, context }: Situation): Proposal {
    const { lift, loads, strength, usualRir, careful, unit } = context;
    const dear = isDear(careful, strength.setsOf(lift));
    const aim = aimHere(loads, plan.repRange, { targetRir: usualRir, careful: dear });
    const outlook = strength.outlook(lift, usualRir, 'another');
    const from = sets.at(0)?.loadG ?? plan.loadG;
    const reach = reachOf(lift, from, outlook, plan.repRange.low + usualRir);
    const judged = ofNearLoads(loads, from, reach, (loadG) =>
      bestSets(outlook, loadG, plan.sets, aim),
    );
    const { best, chosen } = choose(judged, MARGIN);
    const reps = chosen.reps[0]!;
    const inUnit = (loadG: number) => massText(loadG, unit);
    const fewer = chosen.reps.at(-1)! < reps ? `, likely ${listed(chosen.reps)} as sets tire` : '';
    const way = chosen.loadG > from ? 'Up to' : chosen.loadG < from ? 'Down to' : null;
    return {
      plan: { ...plan, loadG: chosen.loadG, reps, targetRir: usualRir },
      why: way
        ? `${way} ${inUnit(chosen.loadG)} for ${reps} with ${usualRir} left${fewer}`
        : best.loadG === from
          ? `${inUnit(from)} for ${reps} leaves ${usualRir} best${fewer}`
          : `${inUnit(from)} stays: ${inUnit(best.loadG)} would be no clear gain; ${reps} reps with ${usualRir} left${fewer}`,
    };
  },
};
