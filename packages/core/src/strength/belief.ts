import type { Lift } from '../lift/lift';
import { familyOf } from '../lift/patterns';
import type { Person } from '../person/person';
import { BIAS, CARRY, DAY_SD, FATIGUE, SPREAD } from './constants';
import { priorLog } from './prior';

/**
 * A joint normal belief about one client. The state holds the log 1RM (grams) of every lift, then the log of the
 * client's rep endurance (a factor on each lift's k), the reporter's bias (reps), fatigue (log strength lost per
 * earlier set of the lift that day), carry (log strength lost to the sets of other lifts that day) and the day's
 * form (log).
 */
export interface Belief {
  lifts: readonly Lift[];
  mean: Float64Array;
  /** Covariance, its lower half row by row: place (i, j) with j ≤ i is at i (i + 1) / 2 + j. */
  cov: Float64Array;
  /** When it stands for, ms since 1970; null before the first session. */
  atMs: number | null;
  /** Per lift: sets that moved it, the reps to the limit they were done near, and when the last one was. */
  sets: Float64Array;
  reps: Float64Array;
  lastMs: Float64Array;
  /** Per lift: what the last set that was most likely a slip would have meant; NaN where the last set was none. */
  aside: Float64Array;
}

/** Places of the shared parts behind the lifts. */
export const enduranceAt = (belief: Belief) => belief.lifts.length;
export const biasAt = (belief: Belief) => belief.lifts.length + 1;
export const fatigueAt = (belief: Belief) => belief.lifts.length + 2;
export const carryAt = (belief: Belief) => belief.lifts.length + 3;
/** The last place of the state. */
export const dayAt = (belief: Belief) => belief.lifts.length + 4;
const SHARED = 5;

/** Where row `i` of the lower half begins. */
export const rowAt = (i: number) => (i * (i + 1)) / 2;

const indices = new WeakMap<readonly Lift[], Map<string, number>>();

/** Places of the lifts in the state, by id. */
export function placesOf(lifts: readonly Lift[]): ReadonlyMap<string, number> {
  const known = indices.get(lifts);
  if (known) return known;
  const places = new Map(lifts.map((lift, at) => [lift.id, at]));
  indices.set(lifts, places);
  return places;
}

/** Place of a lift in the state; throws RangeError for one that the belief does not cover. */
export function liftAt(lifts: readonly Lift[], liftId: string): number {
  const at = placesOf(lifts).get(liftId);
  if (at === undefined) throw new RangeError(`The belief does not cover ${liftId}`);
  return at;
}

/** The k of w = 1RM / (1 + R / k) for the lift at a place, as this client endures. */
export const repConstantAt = (belief: Belief, at: number): number =>
  belief.lifts[at]!.repConstant * Math.exp(belief.mean[enduranceAt(belief)]!);

/** What is believed before any set or report, on the day of `now` (ISO). */
export function priorBelief(person: Person, lifts: readonly Lift[], now: string): Belief {
  const count = lifts.length;
  const size = count + SHARED;
  const mean = new Float64Array(size);
  const cov = new Float64Array(rowAt(size));
  const general = SPREAD.general ** 2 + (person.sex === 'unsaid' ? SPREAD.sexUnsaid ** 2 : 0);
  lifts.forEach((lift, i) => {
    mean[i] = priorLog(person, lift, now);
    lifts.slice(0, i + 1).forEach((other, j) => {
      cov[rowAt(i) + j] =
        general +
        (familyOf[lift.pattern] === familyOf[other.pattern] ? SPREAD.family ** 2 : 0) +
        (lift.pattern === other.pattern ? SPREAD.pattern ** 2 : 0) +
        (i === j ? SPREAD.own ** 2 : 0);
    });
  });
  mean[count + 1] = BIAS.mean;
  mean[count + 2] = FATIGUE.mean;
  mean[count + 3] = CARRY.mean;
  [SPREAD.endurance, BIAS.sd, FATIGUE.sd, CARRY.sd, DAY_SD].forEach((sd, index) => {
    const at = count + index;
    cov[rowAt(at) + at] = sd ** 2;
  });
  const none = () => new Float64Array(count);
  const aside = none().fill(NaN);
  return { lifts, mean, cov, atMs: null, sets: none(), reps: none(), lastMs: none(), aside };
}

export function copyBelief(belief: Belief): Belief {
  return {
    ...belief,
    mean: belief.mean.slice(),
    cov: belief.cov.slice(),
    sets: belief.sets.slice(),
    reps: belief.reps.slice(),
    lastMs: belief.lastMs.slice(),
    aside: belief.aside.slice(),
  };
}

/** A linear look at the state: places and their weights; everything else has weight 0. */
export interface Look {
  at: number[];
  weight: number[];
}

/** Covariance of the whole state with what `look` sees, and the variance of that. */
export function seenThrough(
  belief: Belief,
  look: Look,
): { withState: Float64Array; variance: number } {
  const size = belief.mean.length;
  const withState = new Float64Array(size);
  const { cov } = belief;
  for (let k = 0; k < look.at.length; k += 1) {
    const place = look.at[k]!;
    const weight = look.weight[k]!;
    const row = rowAt(place);
    for (let j = 0; j <= place; j += 1) withState[j]! += weight * cov[row + j]!;
    for (let j = place + 1, at = rowAt(place + 1) + place; j < size; at += j + 1, j += 1) {
      withState[j]! += weight * cov[at]!;
    }
  }
  let variance = 0;
  for (let k = 0; k < look.at.length; k += 1) {
    variance += look.weight[k]! * withState[look.at[k]!]!;
  }
  return { withState, variance };
}

/** mean += shift · v, cov −= shrink · v vᵀ, in place: every update of a normal by one number has this form. */
export function move(belief: Belief, v: Float64Array, shift: number, shrink: number): void {
  const { mean, cov } = belief;
  const size = mean.length;
  let row = 0;
  for (let i = 0; i < size; i += 1) {
    const vi = v[i]!;
    mean[i] = mean[i]! + shift * vi;
    const factor = shrink * vi;
    for (let j = 0; j <= i; j += 1) cov[row + j] = cov[row + j]! - factor * v[j]!;
    row += i + 1;
  }
}
