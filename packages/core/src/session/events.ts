import type { Joint } from '../lift';
import type { Grams, Unit } from '../mass';
import type { RampChoice, WarmUpVerdict } from '../ramp/habit';
import type { GeneralStep } from '../warm-up/general';
import type { LiftPlan, PlannedLift, Step, StepKind } from './plan';

/** A rep that was not clean, counted from 1, and the fault seen in it. */
export interface Mark {
  rep: number;
  faultId: string;
}

/** What was done in a set, as seen and said. */
export interface SetResult {
  loadG: Grams;
  reps: number;
  cleanReps: number;
  marks: Mark[];
  /** Clean reps left; 4 means "4 or more"; null where it was not asked, as in warm-up sets. */
  rir: number | null;
}

/** How a step of the general part stands. */
export type DrillState = 'open' | 'done' | 'skipped';

export type PainKind = 'ache' | 'sharp' | 'numb' | 'dizzy' | 'chest';
export type Side = 'left' | 'right' | 'both' | 'none';

/** Every payload of the session log, by event type. */
export interface EventPayloads {
  'session.started': {
    clientId: string;
    bookingId: string | null;
    roomId: string;
    unit: Unit;
    lifts: PlannedLift[];
    /** The general part of the warm-up; absent in sessions from before there was one. */
    general?: GeneralStep[];
  };
  /** Steps of the general part that were done or left out; `open` takes them up again. */
  'drills.marked': { drillIds: string[]; state: DrillState };
  'drill.swapped': { drillId: string; by: GeneralStep };
  /** Replaces the general part, as when it is fitted into another time. */
  'general.planned': { steps: GeneralStep[] };
  'ramp.chosen': RampChoice & { liftId: string };
  /** How the warm-up felt, after the first working set. */
  'warm-up.judged': { liftId: string; verdict: WarmUpVerdict; note: string };
  'lift.added': { lift: PlannedLift };
  /** `skipped: false` takes the lift up again. */
  'lift.skipped': { liftId: string; skipped: boolean; reason: string | null };
  'set.logged': SetResult & {
    liftId: string;
    step: number;
    kind: StepKind;
    proposed: { loadG: Grams; reps: number };
  };
  'set.corrected': SetResult & { setId: string };
  /** `voided: false` brings the set back. */
  'set.voided': { setId: string; voided: boolean };
  /** Whether a set says what the client can do; one that does not is kept and left out of the belief. */
  'set.judged': { setId: string; representative: boolean; reason: string | null };
  'cue.given': { liftId: string; cueId: string };
  'pain.reported': {
    liftId: string;
    place: Joint | 'chest' | 'head';
    side: Side;
    score: number;
    kind: PainKind;
  };
  'pain.withdrawn': { painId: string };
  /** Replaces the steps of a lift from index `fromStep` on. */
  'plan.adjusted': { liftId: string; fromStep: number; steps: Step[]; reason: string };
  'suggestion.answered': {
    liftId: string;
    proposed: LiftPlan;
    chosen: LiftPlan;
    accepted: boolean;
    /** Why Spalo proposed it. */
    why: string;
    /** Why the trainer chose otherwise. */
    reason: string | null;
  };
  'note.added': { liftId: string | null; text: string };
  'session.finished': Record<string, never>;
  'session.reopened': Record<string, never>;
}

export type EventType = keyof EventPayloads;

/** What every event carries besides its payload. */
export interface EventEnvelope {
  /** UUIDv7 made on the device; ids order the log. */
  id: string;
  sessionId: string;
  /** The device's time, ISO 8601 in UTC. */
  at: string;
  /** The trainer's id. */
  author: string;
  /** The device's id. */
  device: string;
}

/** One entry of the append-only session log. */
export type SessionEvent = {
  [T in EventType]: EventEnvelope & { type: T; payload: EventPayloads[T] };
}[EventType];
