import type { Unit } from '../mass';
import type { RampChoice, WarmUpVerdict } from '../ramp/habit';
import type { GeneralStep } from '../warm-up/general';
import type { DrillState, EventPayloads, SetResult } from './events';
import type { LiftPlan, PlannedLift, Step, StepKind } from './plan';

/** A correction keeps what it corrected. */
export interface Correction {
  eventId: string;
  at: string;
  author: string;
  before: SetResult;
}

/** A set in the session, with its latest values. `id` is its event's id. */
export interface LoggedSet extends SetResult {
  id: string;
  at: string;
  author: string;
  step: number;
  kind: StepKind;
  proposed: { loadG: number; reps: number };
  corrections: Correction[];
  voided: boolean;
  /** False: the trainer says that it does not show what the client can do. */
  representative: boolean;
}

/** Pain said or seen during a lift. */
export interface PainReport extends Omit<EventPayloads['pain.reported'], 'liftId'> {
  id: string;
  at: string;
}

/** The trainer's answer at wrap-up. */
export interface Answer {
  proposed: LiftPlan;
  chosen: LiftPlan;
  accepted: boolean;
  why: string;
  reason: string | null;
}

/** A step of the general part as it stands. */
export interface GeneralStepState extends GeneralStep {
  state: DrillState;
}

/** How a lift's warm-up felt, and what was noted about it. */
export interface JudgedWarmUp {
  verdict: WarmUpVerdict;
  note: string;
}

/** A lift of the session as it stands. */
export interface LiftState {
  plan: PlannedLift;
  steps: Step[];
  sets: LoggedSet[];
  skipped: boolean;
  focusCueId: string | null;
  pains: PainReport[];
  /** Id of the event that last changed the steps by hand, and its reason. */
  adjusted: { eventId: string; reason: string } | null;
  answer: Answer | null;
  /** The ramp that the trainer chose today instead of the rule's; null where it was left to the rule. */
  rampChoice: RampChoice | null;
  warmUp: JudgedWarmUp | null;
  notes: string[];
}

/** A session as its log tells it. */
export interface SessionState {
  id: string;
  clientId: string;
  bookingId: string | null;
  roomId: string;
  trainerId: string;
  unit: Unit;
  startedAt: string;
  finishedAt: string | null;
  /** The general part of the warm-up, in order; empty where there is none. */
  general: GeneralStepState[];
  /** Since when its current step is the current one (ISO). */
  generalSince: string;
  /** Drills that were done instead of others, by id, today. */
  swaps: Record<string, string>;
  lifts: LiftState[];
  notes: string[];
}

/** The sets that count: not voided, in the order they were logged. */
export function countedSets(lift: LiftState, kind?: StepKind): LoggedSet[] {
  return lift.sets.filter((set) => !set.voided && (kind === undefined || set.kind === kind));
}

/** Index of the next step to do: after the furthest one that has a set. */
export function nextStepIndex(lift: LiftState): number {
  return countedSets(lift).reduce((next, set) => Math.max(next, set.step + 1), 0);
}

/** Whether a lift has nothing left to do. */
export function liftIsDone(lift: LiftState): boolean {
  return lift.skipped || nextStepIndex(lift) >= lift.steps.length;
}
