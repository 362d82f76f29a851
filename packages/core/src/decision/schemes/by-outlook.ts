import type { DecisionContext, Proposal, Scheme, Situation } from '../decision';
import { CAP } from '../../lift/cap';
import { stepUp } from '../../loads/loads';
import { massText } from '../../unit/mass';
import { ofNearLoads } from '../../loads/near-loads';
import { aimHere, bestSets, choose, isDear, LEAVE, type BestSets } from '../../strength/worth';
import { heavierThanOpen, heaviestOpen } from '../../strength/shown';
import type { LiftPlan } from '../../session/plan';
import type { LoggedSet } from '../../session/state';
import type { Why } from '../../words/why';
import { leaves } from '../leaves';
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

/** From this share of the load on a step to the next one is a long one. */
const LONG_STEP = 0.15;

/** What carries progress where no load here does: nothing heavier, or the next one too far; null where loads do. */
function whereLoadsEnd(
  { loadG, likely }: BestSets,
  { loads, unit }: DecisionContext,
): string | null {
  if (likely.tooEasy < LEAVE.free) return null;
  const next = stepUp(loads, loadG);
  if (!next)
    return 'Nothing heavier is here: slower on the way down, a pause, or one side at a time.';
  return next.loadG > loadG * (1 + LONG_STEP)
    ? `The next load here, ${massText(next.loadG, unit)}, is a long step: slower on the way down, or a pause, until it is in reach.`
    : null;
}

/** Where every set had "4 or more" in reserve: the load that they show by themselves, where belief would take less; else null. */
function afterOpen(
  { plan, sets, context: { lift, loads } }: Situation,
  { loadG: believedG }: BestSets,
  targetRir: number,
): Proposal | null {
  if (sets.length < plan.sets) return null;
  const reps = plan.repRange.low;
  const up = heavierThanOpen(sets, lift, loads, { reps, jump: 2 * CAP[lift.region] });
  // What was lifted with so much left is not taken back.
  const loadG = up?.loadG ?? heaviestOpen(sets);
  if (loadG <= Math.max(believedG, plan.loadG)) return null;
  return { plan: { ...plan, loadG, reps, targetRir }, why: { code: 'up-left-four', loadG } };
}

/**
 * Load and reps whose sets are most likely to leave the asked reserve, by all that is believed: of the lift, of how
 * tired sets leave the client, of the day. One report moves the belief and nothing else.
 */
export const byOutlook: Scheme = {
  next(situation: Situation): Proposal {
    const { plan, sets, context } = situation;
    const { lift, loads, strength, usualRir, careful } = context;
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
    const open = afterOpen(situation, chosen, usualRir);
    if (open) return open;
    const most = chosen.loadG === from ? leftTooLittle(plan, sets, usualRir) : null;
    if (most !== null && chosen.reps[0]! > most) {
      const why = { code: 'every-set-left-less', loadG: from, reps: most, rir: usualRir } as const;
      return { plan: { ...plan, loadG: from, reps: most, targetRir: usualRir }, why };
    }
    const { loadG } = chosen;
    const reps = chosen.reps[0]!;
    const tiring = chosen.reps.at(-1)! < reps ? chosen.reps : [];
    const said = { loadG, reps, left: leaves(chosen.likely, usualRir), tiring };
    const advice = whereLoadsEnd(chosen, context);
    return { plan: { ...plan, loadG, reps, targetRir: usualRir }, why: whyOf(), advice };

    function whyOf(): Why {
      if (chosen === earned) return { code: 'up-earned', ...said, rir: usualRir };
      if (loadG > from) return { code: 'up-by-belief', ...said };
      if (loadG < from) return { code: 'down-by-belief', ...said };
      if (best.loadG === from) return { code: 'nothing-better', ...said };
      return { code: 'no-clear-gain', ...said, otherG: best.loadG };
    }
  },
};
