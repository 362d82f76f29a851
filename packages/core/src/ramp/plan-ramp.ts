import { nearest, type Loadable } from '../loadable';
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

/**
 * Snaps a ramp to `loads` (ascending, all that exist). The nearest load to each ideal is taken; a step that
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
    const load = nearest(loads, ideal.loadG);
    if (!load) continue;
    const isPrimer = ideal.loadG >= target.workingG;
    const last = steps.at(-1);
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
