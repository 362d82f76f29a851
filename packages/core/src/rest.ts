import type { RestClass } from './lift';
import type { Grams } from './mass';

/** Seconds before the first working set, by what the lift demands. */
const BEFORE_WORK_S: Record<RestClass, number> = {
  small: 60,
  press: 120,
  squat: 180,
  'floor-pull': 210,
};

/** Seconds of rest after a warm-up set at `loadG`; `last` when a working set follows. */
export function restAfterWarmUp(
  loadG: Grams,
  workingG: Grams,
  last: boolean,
  restClass: RestClass,
): number {
  const share = loadG / workingG;
  if (last && share > 0.6) return BEFORE_WORK_S[restClass];
  if (share <= 0.6) return 30;
  return share <= 0.8 ? 75 : 120;
}

/** Seconds of rest between working sets of `reps`. */
export function restBetweenWork(reps: number): number {
  if (reps >= 13) return 75;
  if (reps >= 8) return 120;
  return reps === 7 ? 150 : 210;
}

/** A longer rest, for when breath or reps fall off: half as much again, to the next quarter minute. */
export function longerRest(seconds: number): number {
  return Math.ceil((seconds * 1.5) / 15) * 15;
}
