import { OPEN_RESERVE } from '../unit/reserve';
import { CAP } from '../lift/cap';
import type { Lift } from '../lift/lift';
import { atOrBelow, type Loads } from '../loads/loads';
import { ofNearLoads, rangeHere } from '../loads/near-loads';
import { rangeWith, type LiftPlan } from '../session/plan';
import type { BlockDay } from '../session/block-day';
import type { PastSet } from '../strength/past-set';
import type { StrengthProfile } from '../strength/profile';
import { bestSets, choose, isDear, LEAVE } from '../strength/worth';
import type { Grams } from '../unit/mass';
import type { Why } from '../words/why';
import type { Ask } from './block';

/** A day of a block as a lift is asked for on it. */
export interface Ahead {
  cell: BlockDay;
  /** Its reps are open to this client. */
  ask: Ask;
  /** The last load done clean for as many reps with some in reserve; null where there is none. */
  doneG: Grams | null;
}

/** What the load for a day is found with. */
export interface AskedWith {
  lift: Lift;
  loads: Loads;
  strength: StrengthProfile;
  careful: boolean;
}

const DOWN = 0.15;
/** Longer ago than this a load that was done is no floor for another. */
const FLOOR_DAYS = 28;
const DAY_MS = 24 * 3600 * 1000;

/** The heaviest load of the latest session in which a lift was done clean for as many reps with some left. */
export function lastCleanLoad(
  evidence: readonly PastSet[],
  liftId: string,
  { reps, targetRir }: Pick<Ask, 'reps' | 'targetRir'>,
  now: string,
): Grams | null {
  const enough = Math.max(1, targetRir);
  const done = evidence.filter(
    (set) =>
      set.liftId === liftId &&
      set.bearing === 'counts' &&
      set.cleanReps === set.reps &&
      set.cleanReps >= reps &&
      (set.rir ?? 0) >= Math.min(enough, OPEN_RESERVE) &&
      Date.parse(now) - Date.parse(set.at) <= FLOOR_DAYS * DAY_MS,
  );
  const last = done.at(-1)?.sessionId;
  const loads = done.filter((set) => set.sessionId === last).map((set) => set.loadG);
  return loads.length > 0 ? Math.max(...loads) : null;
}

/**
 * The load for other reps that asks as much as the plan's own does, by the belief's curve: what a step from one day of a
 * wave to another is measured from.
 */
function carriedLoad(plan: LiftPlan, ask: Ask, { lift, strength }: AskedWith): number {
  const outlook = strength.outlook(lift, ask.targetRir, 'another');
  const then = outlook.limit(ask.reps + ask.targetRir, 0).mu;
  const now = outlook.limit(plan.reps + plan.targetRir, 0).mu;
  return plan.loadG * Math.exp(then - now);
}

/**
 * A plan for a day of a block: its reps (more where the next load is a long step away), sets and reserve, with the load of this room that is most likely to leave that
 * reserve, within the cap of what was done and never under the last clean load for as many reps. A light day takes its
 * share of that.
 */
export function planAsked(plan: LiftPlan, { ask, cell, doneG }: Ahead, at: AskedWith): LiftPlan {
  const { sets, reps, targetRir, share = 1 } = ask;
  const asked = { sets, reps, targetRir, repRange: rangeWith(plan.repRange, reps), cell };
  const { heavyG, ...rest } = plan;
  if (plan.counted || plan.loadG === 0) return { ...rest, ...asked };
  const { lift, loads, strength, careful } = at;
  const cap = CAP[lift.region];
  // What a light day took is no measure of what a heavy one may.
  const from = carriedLoad({ ...rest, loadG: heavyG ?? plan.loadG }, ask, at);
  const outlook = strength.outlook(lift, targetRir, 'another');
  const dear = isDear(careful, strength.setsOf(lift));
  // Where the next load is a long step away, reps carry what loads cannot.
  const range = (loadG: Grams) => ({
    ...rangeHere(loads, loadG, { low: reps, high: reps }),
    low: reps,
  });
  const aim = { range, targetRir, careful: dear };
  const near = atOrBelow(loads, from)?.loadG ?? plan.loadG;
  const judged = ofNearLoads(loads, near, { up: cap, down: DOWN }, (loadG) =>
    bestSets(outlook, loadG, sets, aim),
  );
  const { best } = choose(judged, 0, LEAVE.block);
  const floor = doneG !== null && doneG <= near * (1 + cap) ? doneG : 0;
  const heavy = Math.max(best.loadG, floor);
  const light = share < 1 && { heavyG: heavy };
  const loadG = atOrBelow(loads, heavy * share)?.loadG ?? heavy;
  // As many as the last of the sets is worth.
  const asks = loadG === best.loadG ? (best.reps.at(-1) ?? reps) : reps;
  const repRange = rangeWith(plan.repRange, asks);
  return { ...rest, ...asked, reps: asks, repRange, ...light, loadG };
}

/** What the block asks, as the reason for a plan: "Week 2 of the block, light day: 42.5 kg for 6 with 2 left". */
export const asked = ({ ask, cell }: Ahead, { loadG, reps, targetRir: rir }: LiftPlan): Why => ({
  code: 'block-day',
  week: cell.week + 1,
  light: (ask.share ?? 1) < 1,
  loadG,
  loaded: loadG > 0,
  reps,
  rir,
});
