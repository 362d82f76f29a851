import type { Lift } from '../lift';
import type { Loadable } from '../loadable';
import type { Grams } from '../mass';
import { planRamp } from '../ramp/plan-ramp';
import { restAfterWarmUp } from '../rest';
import type { Step } from './plan';
import { nextStepIndex, type LiftState } from './state';

/**
 * The steps still to do when the next set's load becomes `loadG`. A working set moves itself and all behind
 * it; a warm-up set moves alone, and later warm-up sets that no longer climb, or would pass the working load, go.
 */
export function stepsWithLoad(lift: LiftState, loadG: Grams): Step[] {
  const rest = lift.steps.slice(nextStepIndex(lift));
  const [next, ...later] = rest;
  if (!next) return [];
  if (next.kind === 'working') return rest.map((step) => ({ ...step, loadG }));
  return [
    { ...next, loadG },
    ...later.filter((step) => step.kind === 'working' || step.loadG > loadG),
  ];
}

/** The steps still to do when the working load becomes `workingG` before any working set: the ramp is planned anew. */
export function stepsWithWorkingLoad(
  state: LiftState,
  workingG: Grams,
  lift: Lift,
  loads: readonly Loadable[],
): Step[] {
  const from = nextStepIndex(state);
  const doneG = Math.max(0, ...state.steps.slice(0, from).map((step) => step.loadG));
  const working = state.steps
    .filter((step, index) => step.kind === 'working' && index >= from)
    .map((step) => ({ ...step, loadG: workingG }));
  if (from > 0 && state.steps[from]?.kind === 'working') return working;
  const target = { workingG, workingReps: state.plan.reps };
  return [...warmUpSteps(state.plan.ramp, target, lift, loads, doneG), ...working];
}

/** Warm-up steps above `aboveG`, with their rests. */
export function warmUpSteps(
  kind: Parameters<typeof planRamp>[0],
  target: { workingG: Grams; workingReps: number },
  lift: Lift,
  loads: readonly Loadable[],
  aboveG: Grams = -1,
): Step[] {
  const ramp = planRamp(kind, target, loads).filter((step) => step.load.loadG > aboveG);
  return ramp.map((step, index) => ({
    kind: 'warm-up',
    loadG: step.load.loadG,
    reps: step.reps,
    purpose: step.purpose,
    restS: restAfterWarmUp(
      step.load.loadG,
      target.workingG,
      index === ramp.length - 1,
      lift.restClass,
    ),
  }));
}
