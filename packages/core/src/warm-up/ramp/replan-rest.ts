import { loadables } from '../../loads/loadables';
import { exactly, lightest } from '../../loads/loads';
import { fixedAt } from '../../plates/plate-implement';
import type { Grams } from '../../unit/mass';
import { intermediates } from './kinds/build';
import { planWindows, type PlannedRamp, type RampRequest } from './plan-ramp';
import type { IdealStep } from './step';
import { withinSteps } from './within-steps';
import { WARM_UP_LIMIT, rampWindows } from './windows';

/** A warm-up set still to come, as the session holds it. */
export interface ComingSet {
  loadG: Grams;
  reps: number;
  purpose: string;
}

/**
 * The rest of a ramp after a warm-up set was given another load: that set first, then as many of those that were to
 * come as the shorter or longer way asks for, spread evenly from it up to the working load, or to the primer that was
 * planned. What is done is not touched. Throws RangeError where the room cannot build the load.
 */
export function replanRest(
  request: RampRequest,
  changed: ComingSet,
  coming: readonly ComingSet[],
): PlannedRamp {
  const { workingG, room, implement } = request;
  const loads = loadables(room, implement);
  if (!exactly(loads, changed.loadG)) {
    throw new RangeError('The room cannot build this load');
  }
  const emptyG = lightest(loads)!.loadG;
  const primer = coming.findLast((step) => step.loadG >= workingG) ?? null;
  const between = coming.filter((step) => step !== primer);
  const topG = primer?.loadG ?? workingG;
  const count = Math.min(
    between.length,
    changed.loadG < workingG ? intermediates(workingG - changed.loadG) : 0,
  );
  // The lowest of those that were to come have been passed.
  const kept = between.slice(between.length - count);
  const gap = (topG - changed.loadG) / (count + 1);
  const ideals: IdealStep[] = [
    ...kept.map((step, index): IdealStep => ({
      role: 'between',
      loadG: changed.loadG + gap * (index + 1),
      reps: step.reps,
      purpose: step.purpose,
    })),
    ...(primer && primer.loadG > changed.loadG ? [{ role: 'primer' as const, ...primer }] : []),
  ];
  const near = (ideal: IdealStep) =>
    ideal.role !== 'primer' && ideal.loadG > workingG * WARM_UP_LIMIT;
  const windows = rampWindows(
    ideals.filter((ideal) => !near(ideal)),
    workingG,
    loads,
    changed.loadG,
    emptyG,
  );
  return planWindows(
    withinSteps(
      [{ role: 'between', ...changed, window: fixedAt(changed.loadG) }, ...windows],
      workingG,
      loads,
    ),
    request,
  );
}
