import type { Lift } from '../lift/lift';
import { loadables } from '../loads/loadables';
import { exactly } from '../loads/loads';
import { platesOf, type Build } from '../room/implement';
import type { Plate, Room } from '../room/room';
import type { Step } from '../session/plan';
import { countedSets, nextStepIndex, type LiftState } from '../session/state';
import type { Grams } from '../unit/mass';
import type { Why } from '../words/why';
import { mostReps } from '../warm-up/ramp/most-reps';
import {
  planRamp,
  type PlannedRamp,
  type Primer,
  type RampRequest,
} from '../warm-up/ramp/plan-ramp';
import type { RampSetting } from '../warm-up/ramp/ramp-for';
import { replanRest } from '../warm-up/ramp/replan-rest';

/** Where and with what the steps are built. */
export interface StepContext {
  lift: Lift;
  room: Room;
  unit: RampRequest['unit'];
  /** Plates that stand on the implement, inner to outer. */
  standing: readonly Plate[];
}

const withPlates = <T extends object>(step: T, build: Build): T & { plates?: string[] } => {
  const plates = platesOf(build).map((plate) => plate.id);
  const plated = build.kind === 'barbell' || build.kind === 'machine' || build.kind === 'body';
  return plated ? { ...step, plates } : step;
};

/** A planned ramp as steps of a session, followed by its working sets, built as the ramp ends. */
export function stepsOf(ramp: PlannedRamp, working: readonly Step[]): Step[] {
  const warmUps = ramp.steps.map((step): Step => {
    const { loadG, reps, purpose, restS, build } = step;
    return withPlates({ kind: 'warm-up' as const, loadG, reps, purpose, restS }, build);
  });
  return [
    ...warmUps,
    ...working.map(({ plates: _old, ...step }) => withPlates(step, ramp.working)),
  ];
}

/** What a lift's ramp is planned from, its working load and reps being known. */
export function rampRequest(
  plan: Pick<LiftState['plan'], 'implement' | 'reps' | 'loadG'>,
  setting: Pick<RampSetting, 'kind' | 'primer' | 'extra' | 'most'>,
  { lift, room, unit, standing }: StepContext,
): RampRequest {
  return {
    ...setting,
    workingG: plan.loadG,
    workingReps: plan.reps,
    lift,
    room,
    implement: plan.implement,
    unit,
    standing,
  };
}

const workingAhead = (state: LiftState): Step[] =>
  state.steps.slice(nextStepIndex(state)).filter((step) => step.kind === 'working');

const lastWarmUp = (state: LiftState): { loadG: Grams; reps: number } | null => {
  const set = countedSets(state, 'warm-up').at(-1);
  return set ? { loadG: set.loadG, reps: set.reps } : null;
};

/**
 * The steps still to do when the next set's load becomes `loadG`. A working set moves itself and all behind it. A
 * warm-up set is done at the new load, and those behind it are planned anew up to the working load.
 */
export function stepsWithLoad(state: LiftState, loadG: Grams, context: StepContext): Step[] {
  const [next, ...later] = state.steps.slice(nextStepIndex(state));
  if (!next) return [];
  if (next.kind === 'working') {
    return [next, ...later].map(({ plates: _old, ...step }) => ({ ...step, loadG }));
  }
  const working = later.filter((step) => step.kind === 'working');
  const coming = later.filter((step) => step.kind === 'warm-up');
  const workingG = working[0]?.loadG ?? state.plan.loadG;
  const loads = loadables(context.room, state.plan.implement);
  const exists = (grams: Grams) => exactly(loads, grams) !== null;
  if (!exists(loadG) || !exists(workingG)) {
    // What the room does not have can be lifted all the same; how it is built is then not known here.
    const { plates: _none, ...bare } = next;
    return [{ ...bare, loadG }, ...coming.filter((step) => step.loadG > loadG), ...working];
  }
  const request = rampRequest(
    { ...state.plan, loadG: workingG },
    { kind: state.plan.ramp, primer: 'working', extra: 0, most: later.length + 1 },
    context,
  );
  return stepsOf(replanRest(request, { ...next, loadG }, coming), working);
}

/** The setting of a lift's ramp, with what the trainer chose today. */
export interface RampToday {
  kind: RampSetting['kind'];
  primer: Primer;
  extra: number;
  most: number;
  /** The rule behind it, the most telling reason first. */
  reasons?: Why[];
}

/** The steps still to do when the ramp, or the working load before any working set, becomes another. */
export function stepsWithRamp(
  state: LiftState,
  setting: RampToday,
  workingG: Grams,
  context: StepContext,
): Step[] {
  const working = workingAhead(state).map((step) => ({ ...step, loadG: workingG }));
  if (countedSets(state, 'working').length > 0) return working;
  const request = rampRequest({ ...state.plan, loadG: workingG }, setting, context);
  return stepsOf(planRamp({ ...request, done: lastWarmUp(state) }), working);
}

/** This many reps more than planned, close to the working load, count as a set more. */
const MANY_MORE = 3;

/**
 * The steps still to do after a warm-up set was done with other reps than planned: none behind it takes more reps
 * than it, and one of them goes where it was so much more that another would tire. `ahead` are the steps behind the
 * set that was planned as `planned`. Null where nothing changes.
 */
export function stepsAfterReps(
  { plan }: Pick<LiftState, 'plan'>,
  ahead: readonly Step[],
  planned: Step,
  reps: number,
): { steps: Step[]; reason: Why } | null {
  const workingG = ahead.find((step) => step.kind === 'working')?.loadG ?? plan.loadG;
  const tiring =
    reps >= planned.reps + MANY_MORE && reps > mostReps(planned.loadG, workingG, plan.reps);
  const gone = tiring ? ahead.findIndex((step) => step.kind === 'warm-up') : -1;
  const kept = ahead.filter((_, index) => index !== gone);
  const steps = kept.map((step) =>
    step.kind === 'warm-up' && step.reps > reps ? { ...step, reps: Math.max(1, reps) } : step,
  );
  const same = gone < 0 && steps.every((step, index) => step === ahead[index]);
  if (same) return null;
  return {
    steps,
    reason: { code: gone >= 0 ? 'one-set-less' : 'no-more-reps', reps },
  };
}
