import type { Grams } from './mass';
import type { Station } from './room';

/** Movements that lifts share; lifts of one pattern tell most about each other. */
export const patterns = [
  'squat',
  'lunge',
  'hinge',
  'hip',
  'knee',
  'calf',
  'push',
  'press',
  'row',
  'pull',
  'shoulder',
  'arm',
] as const;
export type Pattern = (typeof patterns)[number];

/** Patterns that draw on the same muscles: lifts of one family tell more about each other than about the rest. */
export const familyOf: Record<Pattern, 'knee' | 'hip' | 'push' | 'pull'> = {
  squat: 'knee',
  lunge: 'knee',
  knee: 'knee',
  calf: 'knee',
  hinge: 'hip',
  hip: 'hip',
  push: 'push',
  press: 'push',
  shoulder: 'push',
  row: 'pull',
  pull: 'pull',
  arm: 'pull',
};

export type RestClass = 'small' | 'press' | 'squat' | 'floor-pull';

export type Joint =
  'ankle' | 'knee' | 'hip' | 'low back' | 'upper back' | 'neck' | 'shoulder' | 'elbow' | 'wrist';

/** What a lift is done with. `stack` and `machine` name their stations; `body` lifts a share of the client. */
export type LiftImplement =
  | 'barbell'
  | 'trap bar'
  | 'EZ bar'
  | 'dumbbell pair'
  | 'single dumbbell'
  | 'kettlebell'
  | 'stack'
  | 'machine'
  | 'assisted'
  | 'body';

/** A joint that a lift loads, and how: "deep bend", "grip", "bent back under load". */
export interface Stress {
  joint: Joint;
  how: string;
}

/** What the computation needs to know about a lift; its teaching lives in the catalogue. */
export interface Lift {
  id: string;
  name: string;
  pattern: Pattern;
  region: 'upper' | 'lower';
  implement: LiftImplement;
  /** Where a stack or machine lift can be done; empty for the others. */
  stations: Station[];
  /** Share of body mass that the movement lifts, 0–1; 0 where the body is not the load. */
  bodyShare: number;
  /** Main and helping muscles; shared ones decide whether a later lift is warm already. */
  muscles: { main: string[]; helping: string[] };
  stress: Stress[];
  /** Where the muscle is hardest worked. */
  peak: 'shortened' | 'middle' | 'stretched';
  restClass: RestClass;
  /** 1RM as a share of body mass for an untrained man of 75 kg; per bell for dumbbell lifts, body share included. */
  priorRatio: number;
  /** Typical k of w = 1RM / (1 + R / k): 30–36 for most, higher for legs and machines. */
  repConstant: number;
  /** Usual step between loads in grams, for caps where the room's own step is finer. */
  stepG: Grams;
  /** Rep range used when nothing else is known. */
  repRange: RepRange;
  /** Small muscle on a long lever: starts at the very bottom of the rack. */
  longLever: boolean;
  /** Only done from the floor with full plates, so the height of the bar matters. */
  fromFloor: boolean;
}

/** Lowest and highest target reps, as in 8–12. */
export interface RepRange {
  low: number;
  high: number;
}

/** A load for a lift with the belief behind it; all in grams. */
export interface LoadBelief {
  mean: Grams;
  /** 80 % interval. */
  low: Grams;
  high: Grams;
}

export const stresses = (lift: Pick<Lift, 'stress'>, joint: Joint): Stress | undefined =>
  lift.stress.find((each) => each.joint === joint);
