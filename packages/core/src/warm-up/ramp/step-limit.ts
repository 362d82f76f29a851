import type { Grams } from '../../unit/mass';

/** From this load on no step is more than a third of it; half of it below. */
const HEAVY_G = 140_000;

/** A step up to this is none that anybody feels, whatever share of the work it is. */
const FELT_G = 10_000;

/** The largest step that a ramp may take from one set to the next. Grams. */
export const stepMost = (workingG: Grams): Grams =>
  Math.max(FELT_G, workingG >= HEAVY_G ? workingG / 3 : workingG / 2);

/** Rounding of a load in whole grams is no step. */
const ROUND_G = 1;

/** The largest step from each of some loads to the next, the last to the working load; 0 where none rises. Grams. */
export const largestStep = (loadsG: readonly Grams[], workingG: Grams): Grams =>
  Math.max(0, ...loadsG.map((loadG, index) => (loadsG[index + 1] ?? workingG) - loadG));

/** How much the largest step of some loads, up to the working load, is over what a ramp may take; 0 where none is. */
export function overStep(loadsG: readonly Grams[], workingG: Grams): Grams {
  const most = stepMost(workingG) + ROUND_G;
  return Math.max(0, largestStep(loadsG, workingG) - most);
}
