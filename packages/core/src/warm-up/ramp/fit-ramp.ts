import { massText, type Unit } from '../../unit/mass';
import { leastNeeded } from './ideals';
import { planRamp, type PlannedRamp, type RampRequest, type RampStep } from './plan-ramp';
import { durationOf } from './ramp-time';

/** A ramp brought into a time: what was left out, and whether it fits. */
export interface FittedRamp {
  ramp: PlannedRamp;
  seconds: number;
  fits: boolean;
  /** What was left out, in the order in which it went, in words. */
  dropped: string[];
}

/** Seconds of a ramp up to the first working set, loading and the last rest included. */
export function rampSeconds(ramp: PlannedRamp, request: RampRequest): number {
  const first = ramp.steps[0]?.build;
  const standing =
    first && 'perSide' in first ? { ...first, perSide: [...(request.standing ?? [])] } : null;
  const sets = ramp.steps.map(({ reps, restS, build }) => ({
    kind: 'warm-up' as const,
    reps,
    restS,
    build,
  }));
  return durationOf(sets, standing, true).totalS;
}

/** The step that goes next: an intermediate, then the primer; never the first light set of a loaded lower-body lift. */
function goesNext(steps: readonly RampStep[], request: RampRequest): number | null {
  if (steps.length === 0) return null;
  const found = leastNeeded(steps, request.workingG);
  const kept = steps[found]!.role === 'light' && request.lift.region === 'lower';
  return kept ? null : found;
}

const named = (step: RampStep, unit: Unit) => {
  const what = { light: 'the light set', between: 'an intermediate', primer: 'the primer' };
  return `${what[step.role]} (${massText(step.loadG, unit)} × ${step.reps})`;
};

/**
 * The ramp within some seconds: intermediates go first, then the primer, then, for the upper body, the light set.
 * After each the rest is solved anew, plates and all. Where even the shortest is too long, it is answered as it is.
 */
export function fitRamp(request: RampRequest, seconds: number): FittedRamp {
  const dropped: string[] = [];
  let ramp = planRamp(request);
  const without: number[] = [];
  /** Where each step of the whole ramp was, for those that are left. */
  let places = ramp.steps.map((_, index) => index);
  for (;;) {
    const takes = rampSeconds(ramp, request);
    const next = takes <= seconds ? null : goesNext(ramp.steps, request);
    if (next === null) return { ramp, seconds: takes, fits: takes <= seconds, dropped };
    dropped.push(named(ramp.steps[next]!, request.unit));
    without.push(places[next]!);
    places = places.filter((_, index) => index !== next);
    ramp = planRamp({ ...request, without });
  }
}
