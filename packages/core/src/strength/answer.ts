import type { LoadBelief } from '../lift/lift';
import { dayAt, enduranceAt, repConstantAt, seenThrough, type Belief } from './belief';
import { CURVE_DOUBT, CURVE_FLOOR, USUAL_REPS, Z80 } from './constants';

/** A normal belief about a log load. */
export interface LogLoad {
  mu: number;
  sd: number;
}

/**
 * Doubt about the shape of a lift's curve, as a variance of the log load: it grows with the distance from the reps that
 * were seen, since nobody's curve is exactly the model's.
 */
export function curveVariance(belief: Belief, at: number, repsToLimit: number): number {
  const k = repConstantAt(belief, at);
  const near = belief.sets[at]! > 0 ? belief.reps[at]! : USUAL_REPS;
  const away = CURVE_DOUBT * Math.log((k + repsToLimit) / (k + near));
  return away ** 2 + CURVE_FLOOR ** 2;
}

/**
 * The log load for `repsToLimit` reps of the lift at place `at`, rested, on an ordinary day or with `today`'s form.
 */
export function logLoadAt(belief: Belief, at: number, repsToLimit: number, today = false): LogLoad {
  const endurance = enduranceAt(belief);
  const k = repConstantAt(belief, at);
  const weight = repsToLimit / (k + repsToLimit);
  const day = dayAt(belief);
  const form = today ? 1 : 0;
  const look = { at: [at, endurance, day], weight: [1, weight, form] };
  const { variance } = seenThrough(belief, look);
  return {
    mu: belief.mean[at]! + form * belief.mean[day]! - Math.log(1 + repsToLimit / k),
    sd: Math.sqrt(variance + curveVariance(belief, at, repsToLimit)),
  };
}

/** Mean and 80 % interval in grams. */
export function inGrams({ mu, sd }: LogLoad): LoadBelief {
  return { mean: Math.exp(mu), low: Math.exp(mu - Z80 * sd), high: Math.exp(mu + Z80 * sd) };
}
