import type { Grams } from './mass';

export type Pattern = 'squat' | 'hinge' | 'push' | 'pull';
export type RestClass = 'small' | 'press' | 'squat' | 'floor-pull';
export type Joint =
  'ankle' | 'knee' | 'hip' | 'low back' | 'upper back' | 'neck' | 'shoulder' | 'elbow' | 'wrist';

/** What the computation needs to know about a lift; its teaching lives in the catalogue. */
export interface Lift {
  id: string;
  name: string;
  pattern: Pattern;
  region: 'upper' | 'lower';
  implement: 'barbell' | 'dumbbell pair' | 'single dumbbell';
  /** Main and helping muscles; shared ones decide whether a later lift is warm already. */
  muscles: { main: string[]; helping: string[] };
  joints: Joint[];
  restClass: RestClass;
  /** 1RM as a share of body mass for an untrained man of 75 kg; per dumbbell for dumbbell lifts. */
  priorRatio: number;
  /** Rep range used when nothing else is known. */
  repRange: RepRange;
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
