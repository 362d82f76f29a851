import type { Grams } from '../unit/mass';
import type { Count } from './counted';
import type { Stress } from './joints';
import type { Muscle } from './muscles';
import type { Place } from './places';
import type { Position } from './position';
import type { Pattern } from './patterns';
import type { Station } from './stations';

export type RestClass = 'small' | 'press' | 'squat' | 'floor-pull';

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

/** What the computation needs to know about a lift; its teaching lives in the catalogue. */
export interface Lift {
  id: string;
  /** Of a studio's own lift: the one of the catalogue that it is most like; absent for those of the catalogue. */
  like?: string;
  name: string;
  pattern: Pattern;
  region: 'upper' | 'lower';
  implement: LiftImplement;
  /** Where a stack or machine lift can be done; empty for the others. */
  stations: Station[];
  /** Where it can be done, the usual place first; absent where the floor will do. */
  places?: readonly Place[];
  /** Share of body mass that the movement lifts, 0–1; 0 where the body is not the load. */
  bodyShare: number;
  /** Main and helping muscles; shared ones decide whether a later lift is warm already. */
  muscles: { main: Muscle[]; helping: Muscle[] };
  stress: Stress[];
  /** How the body is held. */
  position: Position;
  /** Where the muscle is hardest worked. */
  peak: 'shortened' | 'middle' | 'stretched';
  restClass: RestClass;
  /** What its sets count. Nothing is believed of the strength in one that is held or carried. */
  counted: Count;
  /**
   * 1RM as a share of body mass for an untrained man of 75 kg; per bell for dumbbell lifts, body share included. Of one that
   * is held or carried: the load to begin with, as a share of body mass.
   */
  priorRatio: number;
  /** Typical k of w = 1RM / (1 + R / k): 30–36 for most, higher for legs and machines. */
  repConstant: number;
  /** Usual step between loads in grams, for caps where the room's own step is finer. */
  stepG: Grams;
  /** Rep range (or seconds, or metres) used when nothing else is known. */
  repRange: RepRange;
  /** Small muscle on a long lever: starts at the very bottom of the rack. */
  longLever: boolean;
  /** Done one side after the other: its reps are those of each side. */
  oneSided?: boolean;
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
