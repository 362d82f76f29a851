import type { HeldCount } from '../lift/counted';
import type { LoadBelief, RepRange } from '../lift/lift';
import type { Implement } from '../room/implement';
import type { FlagPlace } from '../person/person';
import type { BlockDay } from './block-day';
import type { Ceiling } from './ceiling';
import type { Misses, SchemeName } from './scheme';
import type { WayBack } from './way-back';
import type { Certainty } from '../strength/profile';
import type { Grams } from '../unit/mass';
import type { StoredWhy } from '../words/why';
import type { Primer } from '../warm-up/ramp/plan-ramp';
import type { RampKind } from '../warm-up/ramp/ramp-kind';

/** What a lift is to be done with next time: the part of a plan that is carried from session to session. */
export interface LiftPlan {
  liftId: string;
  styleId: string;
  implement: Implement;
  repRange: RepRange;
  /** Reps asked of each working set, inside `repRange`; seconds or metres where the lift is counted so. */
  reps: number;
  /** What its sets count where that is not reps; absent for reps. */
  counted?: HeldCount;
  /** Clean reps to leave in reserve. */
  targetRir: number;
  /** Working sets. */
  sets: number;
  loadG: Grams;
  /** The one cue the client works on in this lift. */
  focusCueId: string | null;
  /** How it goes on from session to session; absent where the rule chooses. */
  scheme?: SchemeName;
  /** Of a linear lift: how it has fared; absent before the first miss. */
  misses?: Misses;
  /** The day of a block that it was decided for; absent outside of blocks. */
  cell?: BlockDay;
  /** On a light day, the load of a heavy one; absent otherwise. */
  heavyG?: Grams;
  /** The easier lift that is done in its place until it is clean; absent where it is done itself. */
  stepDown?: string;
  /** How far it is on its way back after pain; absent where it is not on one. */
  wayBack?: WayBack;
  /** The lift that it is done in turn with, one resting while the other works; absent where it is done alone. */
  pairedWith?: string;
  /** Why the lift may not be done until the trainer records clearance; null when it is open. */
  closed: StoredWhy | null;
}

/** What is asked of a lift's working sets. */
export type Asked = Pick<LiftPlan, 'sets' | 'reps' | 'targetRir' | 'repRange'>;

/** A range of reps that holds what is asked: the usual one where it does, else just below what is asked up to it. */
export const rangeWith = (usual: RepRange, reps: number): RepRange =>
  reps >= usual.low && reps <= usual.high ? usual : { low: Math.max(1, reps - 1), high: reps };

/** The plan part of a planned lift: what is carried from session to session. */
export function planOf(plan: LiftPlan): LiftPlan {
  const { liftId, styleId, implement, repRange, reps, targetRir, sets, loadG, focusCueId, closed } =
    plan;
  const { counted, pairedWith, scheme, misses, cell, heavyG, wayBack } = plan;
  return {
    liftId,
    styleId,
    implement,
    repRange,
    reps,
    ...(counted && { counted }),
    ...(pairedWith !== undefined && { pairedWith }),
    ...(scheme && { scheme }),
    ...(misses && { misses }),
    ...(cell && { cell }),
    ...(heavyG !== undefined && { heavyG }),
    ...(wayBack && { wayBack }),
    targetRir,
    sets,
    loadG,
    focusCueId,
    closed,
  };
}

/** A plan for the day of a block that another is for, or for none: what is chosen is not asked otherwise there. */
export function onDayOf(
  { cell: _own, ...plan }: LiftPlan,
  { cell }: Pick<LiftPlan, 'cell'>,
): LiftPlan {
  return { ...plan, ...(cell && { cell }) };
}

/** A drop follows the set before it at once, with less: it is work, but no measure of strength. */
export const stepKinds = ['warm-up', 'working', 'drop'] as const;
export type StepKind = (typeof stepKinds)[number];

/** One set to come: a step of the ramp. */
export interface Step {
  kind: StepKind;
  loadG: Grams;
  reps: number;
  /** What a warm-up set is for, a word of `purposeWords`; empty for working sets. */
  purpose: string;
  /** Seconds until the next set, the change of load included. */
  restS: number;
  /** Ids of the plates on one sleeve, inner to outer, as planned with the sets around it; absent without plates. */
  plates?: string[];
}

/** A set as the faint ramp of last time shows it. */
export interface PastStep {
  kind: StepKind;
  loadG: Grams;
  reps: number;
}

/** A plan that was decided again, since what it stood on had changed: what it was, and why it is not that any more. */
export interface Again {
  loadG: Grams;
  reps: number;
  why: StoredWhy;
}

/** A lift with its load, before its ramp is planned. */
export interface LoadedLift extends LiftPlan {
  /** Where the load comes from. */
  why: StoredWhy;
  /** The belief behind the load; null where it was carried over as it was. */
  belief: LoadBelief | null;
  lastTime: PastStep[];
  /** What the load rests on; absent in sessions from before it was kept. */
  certainty?: Certainty;
  /** What had been decided, where that is to be decided again; absent where it stands. */
  again?: Again;
  /** The lift that it stands in for while that is closed; absent where it is its own. */
  standsFor?: string;
  /** What would have been asked but for a turned-down week; absent on ordinary days. */
  turnedDown?: { sets: number; loadG: Grams };
  /** What a flag eased, as it would have been asked; absent where none does. */
  eased?: { loadG: Grams; place: FlagPlace };
  /** The only side that is done, as a flag closes it for the other; absent where both are. */
  onlySide?: 'left' | 'right';
  /** What may not be exceeded today, and why; absent where nothing binds. */
  ceiling?: Ceiling;
  /** The sets climb to the load: a lift without evidence finds its weight on the floor. */
  climb?: boolean;
}

/** A lift as the session starts with it. */
export interface PlannedLift extends LoadedLift {
  ramp: RampKind;
  /** Why this ramp, the most telling reason first; absent in sessions from before it was kept. */
  rampReasons?: StoredWhy[];
  /** The same as one text, in sessions of the first version. */
  rampWhy?: string;
  /** What the ramp does at the working load; absent likewise. */
  primer?: Primer;
  steps: Step[];
}

/** Why a lift has its ramp, the most telling reason first; empty where nobody said. */
export const rampReasonsOf = ({
  rampReasons,
  rampWhy,
}: Pick<PlannedLift, 'rampReasons' | 'rampWhy'>): readonly StoredWhy[] =>
  rampReasons ?? (rampWhy === undefined ? [] : [rampWhy]);
