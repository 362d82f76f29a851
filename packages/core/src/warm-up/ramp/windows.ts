import { nearest, type Loads } from '../../loads/loads';
import type { LoadWindow } from '../../plates/plate-implement';
import type { Grams } from '../../unit/mass';
import type { IdealStep } from './step';

/** Above this share of the working load a set is no warm-up any more, unless it is the primer. */
export const WARM_UP_LIMIT = 0.925;
/** A warm-up load may lie away from its ideal by this share of the gap to the neighbouring step. */
const LEEWAY = 0.25;
/** Light sets and primers are rounded to what is easy to build, by so much of the working load at most. */
const ROUNDED = { light: 0.1, primer: 0.025 } as const;

/** An ideal step with the loads that it may have; at least one of them exists. */
export interface WindowedStep extends IdealStep {
  window: LoadWindow;
}

/** Whether a load exists between two bounds. */
export const holds = (loads: Loads, lowG: Grams, highG: Grams): boolean =>
  loads.between(lowG, highG) !== null;

/** How far a step may move by its role: what the rule names, or so much; the empty implement is kept as it is. */
function leeway(
  ideal: IdealStep,
  before: Grams,
  after: Grams,
  workingG: Grams,
  emptyG: Grams,
): [Grams, Grams] {
  const { role, loadG } = ideal;
  if (ideal.between) return ideal.between;
  if (role === 'between') {
    return [loadG - (loadG - before) * LEEWAY, loadG + Math.max(0, after - loadG) * LEEWAY];
  }
  // At the working load itself there is nothing to gain by another.
  const exact = loadG === workingG || loadG === emptyG;
  const by = exact ? 0 : workingG * ROUNDED[role];
  return [loadG - by, loadG + by];
}

/**
 * The loads that each step may have: up to a quarter of the gap to a neighbour away from the ideal, what is easy to
 * build for light sets and primers, or what the rule names; the nearest load is always among them. Windows rise and
 * never meet; a step for which nothing is left between its neighbours is left out. Grams throughout.
 */
export function rampWindows(
  ideals: readonly IdealStep[],
  workingG: Grams,
  loads: Loads,
  aboveG: Grams,
  emptyG: Grams,
): WindowedStep[] {
  const steps: WindowedStep[] = [];
  ideals.forEach((ideal, index) => {
    const primer = ideal.role === 'primer';
    const most = primer ? Math.max(ideal.loadG, ideal.between?.[1] ?? 0) : workingG * WARM_UP_LIMIT;
    const highest =
      primer || ideal.easier ? Math.max(most, ideal.loadG) : Math.min(most, workingG - 1);
    const over = Math.max(aboveG, steps.at(-1)?.window.highG ?? -1);
    const allowed = loads.upTo(highest);
    if (!allowed) return;
    const close = nearest(loads, ideal.loadG)!.loadG;
    const near = close > highest ? allowed.loadG : close;
    const before = ideals[index - 1]?.loadG ?? ideal.loadG;
    const after = ideals[index + 1]?.loadG ?? workingG;
    // A load already done stands in for an ideal that it comes close to.
    if (steps.length === 0 && ideal.loadG <= aboveG + (ideal.loadG - before) * LEEWAY) return;
    const [low, high] = leeway(ideal, before, after, workingG, emptyG);
    const lowG = Math.max(over + 1, Math.min(low, near));
    const highG = Math.min(highest, Math.max(high, near));
    if (!holds(loads, lowG, highG)) return;
    steps.push({ ...ideal, window: { lowG, highG, idealG: ideal.loadG } });
  });
  return steps;
}
