import type { FlagDegree } from '../person/degree';
import type { Unit } from '../unit/mass';
import type { DrillState } from '../warm-up/general/drill';
import type { GeneralStep } from '../warm-up/general/general';
import type { DayForm, RampMove } from '../strength/day-form';
import type { CueOutcome } from '../technique/cue-belief';
import type { RampChoice, WarmUpVerdict } from '../warm-up/ramp/habit';
import type { BlockDay } from './block-day';
import type { OwnRule } from './own-rule';
import type { Pain } from './pain';
import type { Asked, LiftPlan, PlannedLift, Step, StepKind } from './plan';
import type { TakenRemedy } from './remedy';
import type { SetResult } from './set-result';
import type { Clip, Review, Still } from './film';
import type { DayAfter } from './way-back';
import type { StoredWhy } from '../words/why';

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

/** Pain said or seen during a lift, as it was reported. */
export interface PainReport extends Pain {
  id: string;
  at: string;
}

/** What happened to a set after its lift's next load was decided. */
export type Changed = 'corrected' | 'left out';

/** The trainer's answer at wrap-up, or later. */
export interface Answer {
  proposed: LiftPlan;
  chosen: LiftPlan;
  accepted: boolean;
  why: StoredWhy;
  reason: string | null;
  /** When it was given; absent in what was told before this was kept. */
  at?: string;
  /** A working set that it stands on was changed since; null while all are as they were. */
  changed: Changed | null;
}

/** Steps that were changed on the floor: why, the most telling reason first, and whom the bar is shared with. */
export interface Adjusted {
  eventId: string;
  reasons: readonly StoredWhy[];
  /** The trainer chose it, not Spalo. */
  byTrainer: boolean;
  /** The session that the bar is shared with; null where it is the client's own. */
  barWith: string | null;
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

/** What a cue did in the set after it. `id` is its event's id. */
export interface JudgedCue {
  id: string;
  cueId: string;
  faultId: string | null;
  outcome: CueOutcome;
}

/** A checkpoint that was looked at and right. `id` is its event's id. */
export interface TickedPoint {
  id: string;
  styleId: string;
  checkpointId: string;
}

/** A step of a first lesson that was tried. */
export interface TaughtStep {
  styleId: string;
  stepId: string;
  right: boolean;
}

/** Something to remember. `id` is its event's id. */
export interface Note {
  id: string;
  text: string;
}

/** A lift of the session as it stands. */
export interface LiftState {
  plan: PlannedLift;
  /** What had been planned, where something else is asked today; null while it is asked as planned. */
  usual: Asked | null;
  steps: Step[];
  sets: LoggedSet[];
  skipped: boolean;
  focusCueId: string | null;
  pains: PainReport[];
  /** What last changed the steps; null while they are as planned. */
  adjusted: Adjusted | null;
  answer: Answer | null;
  /** The ramp that the trainer chose today instead of the rule's; null where it was left to the rule. */
  rampChoice: RampChoice | null;
  warmUp: JudgedWarmUp | null;
  /** How its last warm-up set moved; null while nobody said. */
  rampMove: RampMove | null;
  /** What the focus cues of today did, in order. */
  judged: JudgedCue[];
  /** Remedies that were taken besides cues, in order. */
  remedies: TakenRemedy[];
  /** Checkpoints that were seen to be right, in the order they were ticked. */
  ticked: TickedPoint[];
  /** Steps of its first lesson, in the order they were tried. */
  taught: TaughtStep[];
  notes: Note[];
  /** Films of its sets, and pictures kept from them, in order. */
  clips: Clip[];
  stills: Still[];
  /** What was written while its sets were looked at again; null while nothing was. */
  review: Review | null;
  /** How the joint was on the day after the session before; absent while nobody asked. */
  dayAfter?: DayAfter;
  /** Flags raised since the session began that were met in it, each at its degree; absent where none was. */
  flagsMet?: { flagId: string; degree: FlagDegree }[];
  /** The rule for its proposals from here on, or that there is none any more; absent while it stays as it was. */
  rule?: OwnRule | null;
}

/** Changes whenever the shape of a state does: states kept by another version are made anew from the log. */
export const STATE_VERSION = 11;

/** A session as its log tells it. */
export interface SessionState {
  id: string;
  /** The id of the event that started it. */
  startId: string;
  clientId: string;
  bookingId: string | null;
  roomId: string;
  trainerId: string;
  unit: Unit;
  startedAt: string;
  finishedAt: string | null;
  /** How the client said they were when they came in; null while nobody asked. */
  dayForm: DayForm | null;
  /** The general part of the warm-up, in order; empty where there is none. */
  general: GeneralStepState[];
  /** Since when its current step is the current one (ISO). */
  generalSince: string;
  /** Drills that were done instead of others, by id, today. */
  swaps: Record<string, string>;
  lifts: LiftState[];
  notes: Note[];
  /** The day of a block that it does; absent where it does none. */
  block?: BlockDay;
}

/** A planned lift before anything is done of it. */
export function newLift(plan: PlannedLift): LiftState {
  return {
    plan,
    usual: null,
    steps: plan.steps,
    sets: [],
    skipped: false,
    focusCueId: plan.focusCueId,
    pains: [],
    adjusted: null,
    answer: null,
    rampChoice: null,
    warmUp: null,
    rampMove: null,
    judged: [],
    remedies: [],
    ticked: [],
    taught: [],
    notes: [],
    clips: [],
    stills: [],
    review: null,
  };
}

/** Changes a lift of the session; nothing where the session does not hold it (yet). */
export function onLift(
  state: SessionState,
  liftId: string,
  change: (lift: LiftState) => void,
): void {
  const lift = state.lifts.find((candidate) => candidate.plan.liftId === liftId);
  if (lift) change(lift);
}

/** Changes a set of the session; nothing where the session does not hold it (yet). */
export function onSet(
  state: SessionState,
  setId: string,
  change: (set: LoggedSet, lift: LiftState) => void,
): void {
  for (const lift of state.lifts) {
    const set = lift.sets.find((candidate) => candidate.id === setId);
    if (set) change(set, lift);
  }
}

/**
 * Sets that were logged for a step which an earlier one had already, as by two thumbs on two devices: kept and shown, but
 * one set was lifted until somebody tells them apart.
 */
export function duplicatesOf(lift: Pick<LiftState, 'sets'>): LoggedSet[] {
  const taken = new Set<number>();
  return lift.sets.filter((set) => {
    if (set.voided) return false;
    const again = taken.has(set.step);
    taken.add(set.step);
    return again;
  });
}

/** The sets that count: neither voided nor duplicates, in the order they were logged. */
export function countedSets(lift: Pick<LiftState, 'sets'>, kind?: StepKind): LoggedSet[] {
  const again = duplicatesOf(lift);
  return lift.sets.filter(
    (set) => !set.voided && !again.includes(set) && (kind === undefined || set.kind === kind),
  );
}

/** The checkpoints that were ticked before a set and after the one before it: what was looked at for it. */
export function lookedAtFor(lift: LiftState, set: Pick<LoggedSet, 'id'>): TickedPoint[] {
  const before = lift.sets.filter((each) => each.id < set.id).at(-1)?.id ?? '';
  return lift.ticked.filter((point) => point.id < set.id && point.id > before);
}

/** Index of the next step to do: after the furthest one that has a set. */
export function nextStepIndex(lift: LiftState): number {
  return countedSets(lift).reduce((next, set) => Math.max(next, set.step + 1), 0);
}

/** Whether a lift has nothing left to do. */
export function liftIsDone(lift: LiftState): boolean {
  return lift.skipped || nextStepIndex(lift) >= lift.steps.length;
}

/** The set logged last in a session, whichever lift it belongs to. */
export function lastSet(session: Pick<SessionState, 'lifts'>): LoggedSet | null {
  const sets = session.lifts.flatMap((lift) => countedSets(lift));
  return sets.reduce<LoggedSet | null>(
    (latest, set) => (!latest || set.id > latest.id ? set : latest),
    null,
  );
}
