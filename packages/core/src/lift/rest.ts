import type { RestClass } from './lift';
import type { Grams } from '../unit/mass';

/** Shortest and longest seconds before the first working set, by what the lift demands. */
const BEFORE_WORK_S: Record<RestClass, [number, number]> = {
  small: [60, 60],
  press: [120, 180],
  squat: [180, 240],
  'floor-pull': [180, 300],
};
/** The same for a heavy single, double or triple: presses least, squats more, pulls from the floor most. */
const BEFORE_TOP_S: Record<RestClass, [number, number]> = {
  small: [60, 120],
  press: [180, 360],
  squat: [210, 480],
  'floor-pull': [240, 600],
};
/** Reps at which a working set asks for the shortest and for the longest of these. */
const LIGHT_REPS = 12;
const HEAVY_REPS = 5;
const TOP_REPS = 3;
/** Loads that ask for the shortest and for the longest. */
const LIGHT_G = 60_000;
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

/** How much of the longest rest a load and its reps ask for, 0 to 1: few reps count in full once the load is heavy. */
function heaviness({ loadG, reps }: Pick<Work, 'loadG' | 'reps'>): number {
  const few = share(reps, LIGHT_REPS, HEAVY_REPS);
  return Math.max(share(loadG, LIGHT_G, HEAVY_G), few * share(loadG, 0, 2 * LIGHT_G));
}

/** Seconds before the first working set: longer for fewer reps, and for more load. */
export function restBeforeWork(work: Work): number {
  const { loadG, reps, restClass } = work;
  const top = reps <= TOP_REPS;
  const [least, most] = (top ? BEFORE_TOP_S : BEFORE_WORK_S)[restClass];
  const part = top ? share(loadG, 0, TOP_HEAVY_G) : heaviness(work);
  return quarterMinutes(least + (most - least) * part);
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

/** Shortest and longest seconds between working sets by their reps: 13 and more, 8 to 12, 7, six and fewer. */
const BETWEEN_S = {
  many: [60, 90],
  middle: [90, 150],
  seven: [120, 180],
  few: [180, 300],
} as const;
/** How much of the longest each lift asks for at the least. */
const DEMAND: Record<RestClass, number> = { small: 0, press: 0.5, squat: 1, 'floor-pull': 1 };
/** Six reps and fewer are long for everybody: the longest only with a heavy load. */
const FEW_DEMAND = 0.25;

/** Seconds of rest between working sets: by reps 1–1½ min, 1½–2½, 3–5, the longer the more the lift and load demand. */
export function restBetweenWork(work: Work): number {
  const { reps, restClass } = work;
  const few = reps <= 6;
  const [least, most] =
    BETWEEN_S[reps >= 13 ? 'many' : reps >= 8 ? 'middle' : reps === 7 ? 'seven' : 'few'];
  const part = Math.max(
    DEMAND[restClass] * (few ? FEW_DEMAND : 1),
    restClass === 'small' ? 0 : heaviness(work),
  );
  return quarterMinutes(least + (most - least) * part);
}

/** A longer rest, for when breath or reps fall off: half as much again, to the next quarter minute. */
export function longerRest(seconds: number): number {
  return Math.ceil((seconds * 1.5) / 15) * 15;
}

/** From one lift to the next: walking, putting back, setting up. */
export const BETWEEN_LIFTS_S = 120;
