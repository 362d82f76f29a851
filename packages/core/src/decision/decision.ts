import type { Ahead } from '../block/asked-plan';
import type { Lift } from '../lift/lift';
import type { Loads } from '../loads/loads';
import type { Flag, Person } from '../person/person';
import type { FaultFacts } from '../session/main-fault';
import type { OwnRule } from '../session/own-rule';
import type { LiftPlan } from '../session/plan';
import type { LiftState, LoggedSet } from '../session/state';
import type { StrengthProfile } from '../strength/profile';
import type { Unit } from '../unit/mass';
import type { StoredWhy } from '../words/why';

/** Another way to go on. */
export interface Alternative {
  label: string;
  plan: LiftPlan;
}

/** What a decision is drawn from besides the session. */
export interface DecisionContext {
  lift: Lift;
  loads: Loads;
  unit: Unit;
  /** The flags as they were when the session began. */
  flags: readonly Flag[];
  /** The client as they are after it: with the flags that it raised or moved. */
  client: Person;
  /** When the session was (ISO). */
  now: string;
  faults: readonly FaultFacts[];
  /** Easier neighbour on the lift's teaching ladder, in words. */
  regression: string | null;
  /** The nearest easier neighbour that is a lift of its own; absent or null where there is none. */
  easierLift?: string | null;
  /** Main fault of each earlier session of this lift, latest first; null for a clean one. */
  faultHistory: readonly (string | null)[];
  /** What is believed of the client with the session's sets taken in. */
  strength: StrengthProfile;
  /** Reserve to leave once the load is found. */
  usualRir: number;
  /** The client starts careful: a set that fails costs more. */
  careful: boolean;
  /** How the trainer wants proposals for this lift changed; null or absent where as they are. */
  rule?: OwnRule | null;
  /** What the client's block asks of it next, or hands over; null or absent outside of one. */
  ahead?: Ahead | null;
}

/** A lift's session as gates and schemes see it. */
export interface Situation {
  lift: LiftState;
  /** What was planned, with the cue that was worked on last. */
  plan: LiftPlan;
  /** The working sets that count. */
  sets: readonly LoggedSet[];
  context: DecisionContext;
}

/** What a gate or a scheme proposes. */
export interface Proposal {
  plan: LiftPlan;
  why: StoredWhy;
  advice?: string | null;
}

/** A gate stands before the scheme: it proposes where it applies, and lets pass where it answers null. */
export interface Gate {
  name: string;
  decide(situation: Situation): Proposal | null;
}

/** How load and reps go on when no gate stands in the way. */
export interface Scheme {
  /** `situation.sets` holds at least one. */
  next(situation: Situation): Proposal;
}
