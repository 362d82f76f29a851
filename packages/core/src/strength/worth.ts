import type { RepRange } from '../lift/lift';
import type { Outlook } from './outlook';
import type { Loads } from '../loads/loads';
import { rangeHere } from '../loads/near-loads';
import type { Grams } from '../unit/mass';

/** What a set is aimed at. */
export interface Aim {
  /** The reps for a load: the lift's range, wider where loads are coarse. */
  range: (loadG: Grams) => RepRange;
  targetRir: number;
  /** Failing costs more with those who start careful. */
  careful: boolean;
}

/** The aim of sets of some reps with the loads there are here. */
export const aimHere = (
  loads: Loads,
  repRange: RepRange,
  { targetRir, careful }: Pick<Aim, 'targetRir' | 'careful'>,
): Aim => ({ range: (loadG) => rangeHere(loads, loadG, repRange), targetRir, careful });

/** Prices of a set, in chances of a good one. */
const PRICE = { fail: 0.5, failCareful: 1.5, tooEasy: 0.55 } as const;

/** How a set stands to its aim. */
export interface Chances {
  /** The asked reserve is left, give or take one. */
  good: number;
  fails: number;
  /** Two or more too many are left. */
  tooEasy: number;
}

export function chances(
  outlook: Outlook,
  loadG: Grams,
  reps: number,
  more: number,
  targetRir: number,
): Chances {
  const enough = outlook.atLeast(loadG, reps, more);
  const least = outlook.atLeast(loadG, reps + Math.max(0, targetRir - 1), more);
  const most = outlook.atLeast(loadG, reps + targetRir + 2, more);
  return { good: Math.max(0, least - most), fails: 1 - enough, tooEasy: most };
}

/** What a set is worth: its chance to be good, less what failing and too much ease cost. */
export function worthOf({ good, fails, tooEasy }: Chances, careful: boolean): number {
  return good - (careful ? PRICE.failCareful : PRICE.fail) * fails - PRICE.tooEasy * tooEasy;
}

/** A set with the reps that make it worth most. */
export interface BestSet {
  loadG: Grams;
  reps: number;
  worth: number;
  likely: Chances;
}

function bestIn(
  outlook: Outlook,
  loadG: Grams,
  more: number,
  { low, high }: RepRange,
  { targetRir, careful }: Aim,
  most: number,
): BestSet {
  let best: BestSet | null = null;
  for (let reps = low; reps <= Math.max(low, Math.min(most, high)); reps += 1) {
    const likely = chances(outlook, loadG, reps, more, targetRir);
    const worth = worthOf(likely, careful);
    if (!best || worth > best.worth) best = { loadG, reps, worth, likely };
  }
  return best!;
}

/** The next set of a load with its best reps, at most `most`. */
export const bestReps = (outlook: Outlook, loadG: Grams, aim: Aim, most: number): BestSet =>
  bestIn(outlook, loadG, 0, aim.range(loadG), aim, most);

/** Sets of one load, each with its best reps, and what they are worth on the whole. */
export interface BestSets {
  loadG: Grams;
  reps: number[];
  worth: number;
  /** How the first of them stands to the aim. */
  likely: Chances;
}

/** `sets` sets of a load: the more tired, the fewer reps. */
export function bestSets(outlook: Outlook, loadG: Grams, sets: number, aim: Aim): BestSets {
  const range = aim.range(loadG);
  const reps: number[] = [];
  let worth = 0;
  let likely: Chances | null = null;
  for (let more = 0; more < sets; more += 1) {
    const best = bestIn(outlook, loadG, more, range, aim, reps.at(-1) ?? Infinity);
    likely ??= best.likely;
    reps.push(best.reps);
    worth += best.worth / sets;
  }
  return { loadG, reps, worth, likely: likely! };
}

/** What is more likely than this to fail is not asked, whatever else it is worth. */
const MOST_FAILS = 0.4;

/**
 * From which chance on that a load is far too easy, whatever the reps, it is left: likelier than not where load and reps are
 * free; surely in a block, whose days are to differ; never in a climb, which has steps of its own.
 */
export const LEAVE = { free: 0.5, block: 0.8, never: Infinity } as const;
/** How likely the load that it is left for may be to fail. */
const SAFE_FAILS = 0.1;
/** And how likely the next one may be, where none is as safe: whoever stays learns nothing, and would stay for ever. */
const TRIED_FAILS = 0.3;

/** A load with what its sets are worth, and how they stand to the aim. */
interface Judged {
  loadG: Grams;
  worth: number;
  likely: Chances;
}

/**
 * The heaviest load in reach that hardly fails, where the first is far too easy, and null where it is not: all in reach are then
 * too easy alike, so that no worth tells them apart, and whoever stays learns nothing.
 */
function wayOut<T extends Judged>(judged: readonly [T, ...T[]], easyFrom: number): T | null {
  const [stay] = judged;
  if (stay.likely.tooEasy < easyFrom) return null;
  const heavier = judged
    .filter(({ loadG }) => loadG > stay.loadG)
    .sort((one, other) => one.loadG - other.loadG);
  const [next] = heavier;
  const safe = heavier.findLast(({ likely }) => likely.fails <= SAFE_FAILS);
  return safe ?? (next && next.likely.fails <= TRIED_FAILS ? next : null);
}

/**
 * What is worth most, and what is chosen: the first stays unless another is worth more than `margin` more, or it is far too easy
 * and something heavier hardly fails (`easyFrom`: see `LEAVE`). What would likely fail is passed over; where all would, what is least likely to.
 */
export function choose<T extends Judged>(
  judged: readonly [T, ...T[]],
  margin: number,
  easyFrom: number = LEAVE.free,
): { best: T; chosen: T } {
  const [stay] = judged;
  const out = wayOut(judged, easyFrom);
  if (out) return { best: out, chosen: out };
  const able = judged.filter(({ likely }) => likely.fails <= MOST_FAILS);
  if (able.length === 0) {
    const least = judged.reduce((kept, each) =>
      each.likely.fails < kept.likely.fails ? each : kept,
    );
    return { best: least, chosen: least };
  }
  const best = able.reduce((kept, each) => (each.worth > kept.worth ? each : kept));
  const stays = stay.likely.fails <= MOST_FAILS && best.worth <= stay.worth + margin;
  return { best, chosen: stays ? stay : best };
}

/** Working sets of a lift from which on a set that fails costs no more than usual: until then all is new. */
const FEW_SETS = 8;

/** Whether failing costs more: with who starts careful, and in a lift that is hardly known. */
export const isDear = (careful: boolean, setsDone: number): boolean =>
  careful || setsDone < FEW_SETS;
