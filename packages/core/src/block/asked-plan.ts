import { OPEN_RESERVE } from '../unit/reserve';
import { CAP } from '../lift/cap';
import type { Lift, RepRange } from '../lift/lift';
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

/** What a block asks of a lift next: on one of its days, or as it hands the lift over once it is through. */
export interface Ahead {
  /** Null where the block has no more days for the lift. */
  cell: BlockDay | null;
  /** Its reps are open to this client. */
  ask: Ask;
  /** The last load done clean for as many reps with some in reserve; null where there is none. */
  doneG: Grams | null;
  /** The reps to choose among; absent where the day's own are kept to. */
  among?: RepRange;
}

/** One of a block's days, as a lift is asked for on it. */
export interface AheadDay extends Ahead {
  cell: BlockDay;
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

/** A plan without its place in a block: no day, no heavy load behind a light one, no scheme that only a block has. */
function outOfBlock({ cell: _day, heavyG: _heavy, scheme, ...plan }: LiftPlan): LiftPlan {
  return { ...plan, ...(scheme && scheme !== 'wave' && { scheme }) };
}

/**
 * A plan for a day of a block: its reps (more where the next load is a long step away), sets and reserve, with the load of
 * this room that is most likely to leave that reserve, within the cap of what was done and never under the last clean load
 * for as many reps. A light day takes its share of that. Once the block is through, the lift is in its usual reps again.
 */
export function planAsked(
  plan: LiftPlan,
  { ask, cell, doneG, among }: Ahead,
  at: AskedWith,
): LiftPlan {
  const { sets, reps, targetRir, share = 1 } = ask;
  const repRange = among ?? rangeWith(plan.repRange, reps);
  const asked = { sets, reps, targetRir, repRange, ...(cell && { cell }) };
  const { heavyG } = plan;
  const { heavyG: _last, ...rest } = cell ? plan : outOfBlock(plan);
  // What is held grows longer by itself.
  if (plan.counted && !cell) return { ...rest, sets, targetRir };
  if (plan.counted || plan.loadG === 0) return { ...rest, ...asked };
  const { lift, loads, strength, careful } = at;
  const cap = CAP[lift.region];
  // What a light day took is no measure of what a heavy one may.
  const from = carriedLoad({ ...plan, loadG: heavyG ?? plan.loadG }, ask, at);
  const outlook = strength.outlook(lift, targetRir, 'another');
  const dear = isDear(careful, strength.setsOf(lift));
  // Where the next load is a long step away, reps carry what loads cannot.
  const own = among ?? { low: reps, high: reps };
  const range = (loadG: Grams) => ({ ...rangeHere(loads, loadG, own), low: own.low });
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
  return {
    ...rest,
    ...asked,
    reps: asks,
    repRange: rangeWith(repRange, asks),
    ...light,
    loadG,
  };
}

/** What the block asks, as the reason for a plan: "Week 2 of the block, light day: 42.5 kg for 6 with 2 left". */
export function asked({ ask, cell }: Ahead, plan: LiftPlan): Why {
  const { loadG, reps, targetRir: rir, sets } = plan;
  const what = { loadG, loaded: loadG > 0, reps, rir };
  return cell
    ? { code: 'block-day', week: cell.week + 1, light: (ask.share ?? 1) < 1, ...what }
    : { code: 'after-block', sets, ...what };
}
