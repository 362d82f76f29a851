import { nearest, platesOf, type Loadable } from '../loadable';
import { plateChange } from '../plates';
import { rampIdeals, type RampTarget } from './ideals';
import type { RampKind } from './ramp-kind';

/** A warm-up set that can be built. */
export interface RampStep {
  load: Loadable;
  reps: number;
  purpose: string;
}

/** Above this share of the working load a set is no warm-up any more, unless it is the primer. */
const WARM_UP_LIMIT = 0.925;

/** An intermediate may lie away from its ideal by this share of the gap to the step before. */
const LEEWAY = 0.25;

/** Plates put on or taken off, a side, to go from one build to another; 1 for another bell or another pin. */
function handling(from: Loadable | undefined, to: Loadable): number {
  if (to.build.kind !== 'barbell' && to.build.kind !== 'machine') return 1;
  const { takeOff, add } = plateChange(from ? platesOf(from.build) : [], platesOf(to.build));
  return takeOff.length + add.length;
}

/** Of the loads close enough to the ideal, the one with the least handling after `last`; then the nearest. */
function leastHandling(
  loads: readonly Loadable[],
  idealG: number,
  last: Loadable,
): Loadable | null {
  const leeway = (idealG - last.loadG) * LEEWAY;
  const close = loads.filter((load) => Math.abs(load.loadG - idealG) <= leeway);
  const cost = (load: Loadable) => handling(last, load);
  const off = (load: Loadable) => Math.abs(load.loadG - idealG);
  const [best] = [...close].sort((a, b) => cost(a) - cost(b) || off(a) - off(b));
  return best ?? nearest(loads, idealG);
}

/**
 * Snaps a ramp to `loads` (ascending, all that exist). The nearest load is
 * taken for light sets and primers, the one with the least plate handling nearby for those between; a step that
 * would not climb, or would lie above 92.5 % of the working load without being the primer, is left out.
 * Loads rise and reps never do. Empty when nothing lighter than the working load exists.
 */
export function planRamp(
  kind: RampKind,
  target: Omit<RampTarget, 'emptyG'>,
  loads: readonly Loadable[],
): RampStep[] {
  const emptyG = loads[0]?.loadG;
  if (emptyG === undefined) return [];
  const steps: RampStep[] = [];
  for (const ideal of rampIdeals(kind, { ...target, emptyG })) {
    const isPrimer = ideal.loadG >= target.workingG;
    const last = steps.at(-1);
    const load =
      isPrimer || !last
        ? nearest(loads, ideal.loadG)
        : leastHandling(loads, ideal.loadG, last.load);
    if (!load) continue;
    if (last && load.loadG <= last.load.loadG) continue;
    if (!isPrimer && load.loadG > target.workingG * WARM_UP_LIMIT) continue;
    steps.push({
      load,
      reps: Math.min(ideal.reps, last?.reps ?? ideal.reps),
      purpose: ideal.purpose,
    });
  }
  // A primer alone prepares nothing: the working set is then its own first light set.
  return steps.length === 1 && steps[0]!.load.loadG >= target.workingG ? [] : steps;
}
