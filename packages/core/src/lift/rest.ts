import type { RestClass } from './lift';
import type { Grams } from '../unit/mass';

/** Shortest and longest seconds before the first working set, by what the lift demands. */
const BEFORE_WORK_S: Record<RestClass, [number, number]> = {
  small: [60, 60],
  press: [120, 180],
  squat: [180, 240],
  'floor-pull': [180, 300],
};
/** The same for a heavy single, double or triple. */
const BEFORE_TOP_S: [number, number] = [180, 600];
/** Reps at which a working set asks for the shortest and for the longest of these. */
const LIGHT_REPS = 12;
const HEAVY_REPS = 5;
const TOP_REPS = 3;
/** A load that asks for the longest, however many its reps. */
const HEAVY_G = 180_000;
const TOP_HEAVY_G = 300_000;

/** Up to this share of the working load a set asks for no rest but the change of load, up to the next for a short one. */
const EASY_SHARE = 0.6;
const MIDDLE_SHARE = 0.8;
/** A moment to breathe, where nothing has to be changed. */
const LEAST_S = 20;

const quarterMinutes = (seconds: number) => Math.round(seconds / 15) * 15;
const share = (value: number, from: number, to: number) =>
  Math.min(1, Math.max(0, (value - from) / (to - from)));

/** What a rest before working sets depends on. */
export interface Work {
  loadG: Grams;
  reps: number;
  restClass: RestClass;
}

/** Seconds before the first working set: longer for fewer reps, and for more load. */
export function restBeforeWork({ loadG, reps, restClass }: Work): number {
  if (reps <= TOP_REPS && restClass !== 'small') {
    const [least, most] = BEFORE_TOP_S;
    return quarterMinutes(least + (most - least) * share(loadG, 0, TOP_HEAVY_G));
  }
  const [least, most] = BEFORE_WORK_S[restClass];
  const heaviness = Math.max(share(reps, LIGHT_REPS, HEAVY_REPS), share(loadG, 0, HEAVY_G));
  return quarterMinutes(least + (most - least) * heaviness);
}

/**
 * Seconds between a warm-up set and the next set, in which the load is changed, too; `changeS` is what that takes.
 * `last`: the first working set follows.
 */
export function restAfterWarmUp(loadG: Grams, work: Work, last: boolean, changeS: number): number {
  const done = loadG / work.loadG;
  const rest =
    done <= EASY_SHARE ? LEAST_S : last ? restBeforeWork(work) : done <= MIDDLE_SHARE ? 75 : 135;
  return Math.max(rest, Math.ceil(changeS / 5) * 5);
}

/** Seconds of rest between working sets of `reps`: 13 and more 1–1½ min, 8–12 1½–2½, 6 and fewer 3–5. */
export function restBetweenWork(reps: number): number {
  if (reps >= 13) return 75;
  if (reps >= 8) return 120;
  return reps === 7 ? 150 : 210;
}

/** A longer rest, for when breath or reps fall off: half as much again, to the next quarter minute. */
export function longerRest(seconds: number): number {
  return Math.ceil((seconds * 1.5) / 15) * 15;
}
