import { nearest, stepUp, type Loads } from '../../loads/loads';
import type { LoadWindow } from '../../plates/plate-implement';
import type { Grams } from '../../unit/mass';
import type { IdealStep } from './ideals';

/** Above this share of the working load a set is no warm-up any more, unless it is the primer. */
export const WARM_UP_LIMIT = 0.925;
/** A warm-up load may lie away from its ideal by this share of the gap to the neighbouring step. */
const LEEWAY = 0.25;
/** A load that is kept may differ by this share of the working load: nobody stacks six plates for a few grams. */
const KEPT = 0.01;

/** An ideal step with the loads that it may have; at least one of them exists. */
export interface WindowedStep extends IdealStep {
  window: LoadWindow;
}

const holds = (loads: Loads, lowG: number, highG: number) => {
  const first = stepUp(loads, lowG - 1);
  return first !== null && first.loadG <= highG;
};

/**
 * The loads that each step may have: light sets and primers the nearest that exists, the others up to a quarter of
 * the gap to a neighbour away, or what the rule names; the nearest load is always among them. Windows rise and never
 * meet; a step for which nothing is left between its neighbours is left out. Grams throughout.
 */
export function rampWindows(
  ideals: readonly IdealStep[],
  workingG: Grams,
  loads: Loads,
  aboveG: Grams,
): WindowedStep[] {
  const steps: WindowedStep[] = [];
  ideals.forEach((ideal, index) => {
    const primer = ideal.role === 'primer';
    const limit = primer ? ideal.loadG : Math.max(workingG * WARM_UP_LIMIT, ideal.loadG);
    const highest = primer ? limit : Math.min(limit, workingG - 1);
    const over = Math.max(aboveG, steps.at(-1)?.window.highG ?? -1);
    const allowed = loads.upTo(highest);
    if (!allowed) return;
    const close = nearest(loads, ideal.loadG)!.loadG;
    const near = close > highest ? allowed.loadG : close;
    const before = ideals[index - 1]?.loadG ?? ideal.loadG;
    const after = ideals[index + 1]?.loadG ?? workingG;
    // A load already done stands in for an ideal that it comes close to.
    if (steps.length === 0 && ideal.loadG <= aboveG + (ideal.loadG - before) * LEEWAY) return;
    const fixed = ideal.role !== 'between' && !ideal.between;
    const kept = workingG * KEPT;
    const [low, high] = fixed
      ? [near - kept, near + kept]
      : (ideal.between ?? [
          ideal.loadG - (ideal.loadG - before) * LEEWAY,
          ideal.loadG + Math.max(0, after - ideal.loadG) * LEEWAY,
        ]);
    const lowG = Math.max(over + 1, Math.min(low, near));
    const highG = Math.min(highest, Math.max(high, near));
    if (!holds(loads, lowG, highG)) return;
    steps.push({ ...ideal, window: { lowG, highG, idealG: ideal.loadG } });
  });
  return steps;
}
