import { massText } from '../../unit/mass';
import type { Proposal, Scheme, Situation } from '../decision';
import { ofNearLoads } from '../../loads/near-loads';
import { aimHere, bestSets, choose, isDear, type BestSets } from '../../strength/worth';
import type { LiftPlan } from '../../session/plan';
import type { LoggedSet } from '../../session/state';
import { listText } from '../../unit/language';
import { leavesText } from '../leaves-text';
import { MARGIN, reachOf } from './cap';

/** Whether every set reached the top of the range, clean and with what was to be left. */
const hasEarned = (
  { sets: asked, repRange }: LiftPlan,
  sets: readonly LoggedSet[],
  usualRir: number,
): boolean =>
  sets.length >= asked &&
  sets.every(({ cleanReps, rir }) => cleanReps >= repRange.high && (rir ?? 0) >= usualRir);

/**
 * As many reps as would have left what was to be left, where every set did all that was asked and left less; else null. One
 * such set may be a bad report; all of them are not.
 */
function leftTooLittle(
  { reps, repRange }: LiftPlan,
  sets: readonly LoggedSet[],
  usualRir: number,
): number | null {
  const lefts = sets.map(({ cleanReps, rir }) =>
    cleanReps >= reps && rir !== null ? rir : usualRir,
  );
  const short = usualRir - Math.max(0, ...lefts);
  return short > 0 && reps > repRange.low ? Math.max(repRange.low, reps - short) : null;
}

/** What has been earned may be a little less likely to go well, and no more than that. */
const EARNED_FAILS = 0.25;

/** The next load up; null where there is none, or it would likely fail. */
function stepOn([stay, ...others]: readonly [BestSets, ...BestSets[]]): BestSets | null {
  const up = others.filter(
    ({ loadG, likely }) => loadG > stay.loadG && likely.fails <= EARNED_FAILS,
  );
  return up.reduce<BestSets | null>(
    (kept, each) => (kept && kept.loadG <= each.loadG ? kept : each),
    null,
  );
}

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
    const { best, chosen: balanced } = choose(judged, MARGIN);
    const earned = hasEarned(plan, sets, usualRir) ? stepOn(judged) : null;
    const chosen = earned && earned.loadG > balanced.loadG ? earned : balanced;
    const most = chosen.loadG === from ? leftTooLittle(plan, sets, usualRir) : null;
    if (most !== null && chosen.reps[0]! > most) {
      const why = `${massText(from, unit)} for ${most}: every set left less than ${usualRir}`;
      return { plan: { ...plan, loadG: from, reps: most, targetRir: usualRir }, why };
    }
    const reps = chosen.reps[0]!;
    const inUnit = (loadG: number) => massText(loadG, unit);
    const fewer =
      chosen.reps.at(-1)! < reps
        ? `, likely ${listText(chosen.reps.map(String))} as sets tire`
        : '';
    const left = leavesText(chosen.likely, usualRir);
    const way = chosen.loadG > from ? 'Up to' : chosen.loadG < from ? 'Down to' : null;
    return {
      plan: { ...plan, loadG: chosen.loadG, reps, targetRir: usualRir },
      why: way
        ? `${way} ${inUnit(chosen.loadG)} for ${reps} ${left}${fewer}${chosen === earned ? `: all sets reached the top of the range with ${usualRir} or more left` : ''}`
        : best.loadG === from
          ? `${inUnit(from)} for ${reps} ${left}${fewer}, and nothing here is better`
          : `${inUnit(from)} stays: ${inUnit(best.loadG)} would be no clear gain; ${reps} reps ${left}${fewer}`,
    };
  },
};
