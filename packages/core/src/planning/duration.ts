import { buildOf } from '../floor/build';
import type { Room } from '../room/room';
import type { LiftPlan, PlannedLift, Step } from '../session/plan';
import { generalSeconds, type GeneralStep } from '../warm-up/general/general';
import { durationOf } from '../warm-up/ramp/ramp-time';

/** Seconds of a lift's warm-up, up to the first working set, and of its working sets with the rests between them. */
export interface StepsDuration {
  warmUpS: number;
  workS: number;
}

/** A hold takes the seconds it counts; a metre carried about one. */
export function stepsDuration(
  steps: readonly Step[],
  { implement, counted }: Pick<LiftPlan, 'implement' | 'counted'>,
  room: Room,
): StepsDuration {
  const timed = steps.map((step) => ({
    ...step,
    build: buildOf(step, implement, room, null),
    ...(counted && { setS: step.reps }),
  }));
  const warmUps = timed.filter((step) => step.kind === 'warm-up');
  const working = timed.filter((step) => step.kind === 'working');
  const on = warmUps.at(-1)?.build ?? working[0]?.build ?? null;
  return {
    warmUpS: durationOf(warmUps, null, true).totalS,
    workS: durationOf(working, on, false).totalS,
  };
}

/** From one lift to the next: walking, putting back, setting up. */
const BETWEEN_LIFTS_S = 120;

/** How long a session takes, part by part, in seconds. */
export function sessionDuration(
  lifts: readonly PlannedLift[],
  general: readonly GeneralStep[],
  room: Room,
): { generalS: number; rampsS: number; workS: number; totalS: number } {
  const parts = lifts.map((lift) => stepsDuration(lift.steps, lift, room));
  const generalS = generalSeconds(general);
  const rampsS = parts.reduce((sum, part) => sum + part.warmUpS, 0);
  const work = parts.reduce((sum, part) => sum + part.workS, 0);
  const workS = work + Math.max(0, lifts.length - 1) * BETWEEN_LIFTS_S;
  return { generalS, rampsS, workS, totalS: generalS + rampsS + workS };
}
