import type { Lift } from '../../lift/lift';
import { isInFirstYear } from '../../person/training-age';
import type { PastSet } from '../../strength/past-set';
import { growthsOf } from './courses';
import { levelsOf } from './levels';

/** What a strategy does for a lift. */
export type ResponseVerdict = 'working' | 'too early' | 'flat' | 'fading';

/** Growth a week, as a log change of the load (0.005 is half a percent): its middle and the range that holds it four times in five. */
export interface Growth {
  middle: number;
  low: number;
  high: number;
}

/** How a lift goes, with what says so. */
export interface Response {
  verdict: ResponseVerdict;
  /** Growth of late; the verdict is read from it. */
  slope: Growth;
  /** Growth a week that is worth having for this client. */
  worth: number;
  /** Chance that it still grows by that. */
  growing: number;
  sessions: number;
  weeks: number;
}

/** Growth a week worth having: half a percent in the first year, a fifth of one later. */
export const worthHaving = (person: { trainingMonths: number }): number =>
  isInFirstYear(person) ? 0.005 : 0.002;

/** Fewer sessions or weeks than this say nothing yet. */
const LEAST = { sessions: 6, weeks: 3 } as const;
/** What is further back says nothing of what works now. */
const LOOKS_BACK_WEEKS = 16;
/** Growth a week that cannot be told from none, and is not missed. */
const NONE = 0.0012;

/** What a range of growth comes to in a word: the same range that is shown. */
export function verdictOf({ low, high }: Growth): ResponseVerdict {
  if (high < 0) return 'fading';
  if (high < NONE) return 'flat';
  return low > 0 ? 'working' : 'too early';
}

/**
 * Whether a lift still grows, by all its sessions of late: every course that it may have taken (how fast it grew, whether and
 * when it stopped, whether it grew again) weighed by how well the sessions fit it. What the other lifts of a session show of
 * the day is taken out; what is left of the day's form is part of the doubt.
 */
export function responseOf(
  sets: readonly PastSet[],
  lift: Pick<Lift, 'id' | 'repConstant'>,
  person: { trainingMonths: number },
): Response {
  const all = levelsOf(sets, lift);
  const from = (all.at(-1)?.week ?? 0) - LOOKS_BACK_WEEKS;
  const near = all.filter(({ week }) => week >= from);
  const first = near[0]?.week ?? 0;
  const levels = near.map((each) => ({ ...each, week: each.week - first }));
  const weeks = levels.at(-1)?.week ?? 0;
  const worth = worthHaving(person);
  const weights = growthsOf(levels, person.trainingMonths);
  const slope = rangeOf(weights);
  const told = levels.length >= LEAST.sessions && weeks >= LEAST.weeks;
  return {
    verdict: told ? verdictOf(slope) : 'too early',
    slope,
    worth,
    growing: shareOf(weights, (growth) => growth >= worth),
    sessions: levels.length,
    weeks,
  };
}

function shareOf(weights: ReadonlyMap<number, number>, is: (growth: number) => boolean): number {
  let [held, total] = [0, 0];
  for (const [growth, weight] of weights) {
    total += weight;
    if (is(growth)) held += weight;
  }
  return held / total;
}

/** The growth of late: its middle, and the range that holds it four times in five. */
function rangeOf(weights: ReadonlyMap<number, number>): Growth {
  const ordered = [...weights].sort(([one], [other]) => one - other);
  const total = ordered.reduce((sum, [, weight]) => sum + weight, 0);
  const at = (share: number) => {
    let passed = 0;
    for (const [growth, weight] of ordered) {
      passed += weight / total;
      if (passed >= share) return growth;
    }
    return ordered.at(-1)?.[0] ?? 0;
  };
  return { middle: at(0.5), low: at(0.1), high: at(0.9) };
}
