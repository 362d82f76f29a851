import type { Lift } from '../lift';
import type { Loads } from '../loads';
import type { Unit } from '../mass';
import type { Flag } from '../person';
import type { StrengthProfile } from '../profile/strength';
import type { LiftPlan } from '../session/plan';

/** Which gate decided. */
export type Gate = 'not done' | 'pain' | 'technique' | 'effort';

/** A fault as the decision needs it. `cueIds` are its remedies in order. */
export interface FaultFacts {
  id: string;
  name: string;
  weight: 'safety' | 'major' | 'minor';
  cueIds: string[];
}

/** Another way to go on. */
export interface Alternative {
  label: string;
  plan: LiftPlan;
}

/** What a lift's session leads to. */
export interface Decision {
  gate: Gate;
  /** What was done, in a few words. */
  happened: string;
  proposed: LiftPlan;
  why: string;
  alternatives: Alternative[];
  /** Said besides the plan: a clinician, a regression. */
  advice: string | null;
  /** A place that hurt and gets a flag. */
  openFlag: { place: Flag['place']; side: Flag['side'] } | null;
}

/** What a decision is drawn from besides the session. */
export interface DecisionContext {
  lift: Lift;
  loads: Loads;
  unit: Unit;
  flags: readonly Flag[];
  faults: readonly FaultFacts[];
  /** Easier neighbour on the lift's teaching ladder, in words. */
  regression: string | null;
  /** Main fault of each earlier session of this lift, latest first; null for a clean one. */
  faultHistory: readonly (string | null)[];
  /** What is believed of the client with the session's sets taken in. */
  strength: StrengthProfile;
  /** Reserve to leave once the load is found. */
  usualRir: number;
}
