import { massText } from '../../unit/mass';
import type { Proposal, Scheme, Situation } from '../decision';
import { nearLoads, rangeHere } from '../../loads/near-loads';
import { bestSets, type Aim } from '../../strength/worth';
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
    const last = plan.loadG;
    const range = (loadG: number) => rangeHere(loads, loadG, plan.repRange);
    const aim: Aim = { range, targetRir: usualRir, careful };
    const outlook = strength.outlook(lift, usualRir, 'another');
    const from = sets.at(0)?.loadG ?? last;
    const judged = nearLoads(
      loads,
      from,
      reachOf(lift, from, outlook, plan.repRange.low + usualRir),
    ).map((loadG) => bestSets(outlook, loadG, plan.sets, aim));
    const stay = judged[0]!;
    const best = judged.reduce((kept, each) => (each.worth > kept.worth ? each : kept));
    const chosen = best.worth > stay.worth + MARGIN ? best : stay;
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
