import type { TaughtStyle } from '@spalo/catalog';
import { floorContextFor, liftHere } from '@spalo/coaching';
import type { Client } from '@spalo/contract';
import {
  buildNow,
  proposeNextSet,
  stationOf,
  stepsInSight,
  takenElsewhere,
  type Lacking,
  type NextSet,
  type NowBuilt,
  type Standing,
} from '@spalo/core/floor';
import type { Lift } from '@spalo/core/lift';
import type { Loads } from '@spalo/core/loads';
import type { Build, Room } from '@spalo/core/room';
import {
  countedSets,
  nextStepIndex,
  type LiftState,
  type LoggedSet,
  type SessionState,
  type Step,
} from '@spalo/core/session';
import type { StrengthProfile } from '@spalo/core/strength';
import type { Grams } from '@spalo/core/unit';
import type { RampStepItem } from '../../design/Ramp';

/** A lift of a session with all that is drawn of it. */
export interface LiftView {
  state: LiftState;
  lift: Lift;
  style: TaughtStyle;
  loads: Loads;
  next: NextSet;
  steps: Step[];
  /** Ramp steps: sets done with their real numbers, then what is to come. */
  ramp: RampStepItem[];
  /** The set behind each ramp step that is done. */
  setOfStep: (LoggedSet | null)[];
  /** What the implement carries now, from whatever set was done with it last. */
  onBar: Build | null;
  /** How the next set is built with the least handling; null where nothing is to do, or nothing is known. */
  build: Build | null;
  /** What the next set lacks because others have it on their bars; null where nothing is lacking. */
  lacking: Lacking | null;
}

/** Where a lane is: whose session, in which room, with what believed of them, and what stands on the bars. */
export interface LanePlace {
  session: SessionState;
  client: Client | undefined;
  room: Room;
  strength: StrengthProfile;
  standing: Standing;
}

function rampOf(state: LiftState, next: NextSet, steps: readonly Step[]) {
  const doneBy = new Map(countedSets(state).map((set) => [set.step, set]));
  const extra = [...doneBy.keys()].filter((step) => step >= steps.length).sort((a, b) => a - b);
  const indices = [...steps.keys(), ...extra];
  const nowAt = next.kind === 'step' ? next.step : -1;
  const ramp = indices.flatMap((index): RampStepItem[] => {
    const set = doneBy.get(index);
    if (set) return [{ kind: set.kind, load: set.loadG, reps: set.reps, state: 'done' }];
    const step = steps[index];
    if (!step) return [];
    const { kind, loadG, reps } = step;
    return [{ kind, load: loadG, reps, state: index === nowAt ? 'now' : 'coming' }];
  });
  return { ramp, setOfStep: indices.map((index) => doneBy.get(index) ?? null) };
}

/** How the set in hand is built, from what stands at the lift's station and nobody else has. */
function builtNow(
  state: LiftState,
  next: NextSet,
  { session, room, standing }: LanePlace,
): NowBuilt & { onBar: Build | null } {
  const station = stationOf(session, state, room);
  const onBar = standing.get(station)?.build ?? null;
  if (next.kind !== 'step') return { onBar, build: null, lacking: null };
  // A load that moved away from the plan is built anew from what stands.
  const moved = state.steps[next.step]?.loadG !== next.set.loadG;
  const { plates: _planned, ...bare } = next.set;
  const taken = takenElsewhere(standing, station);
  const set = moved ? bare : next.set;
  return { onBar, ...buildNow(set, state.plan.implement, room, onBar, taken) };
}

/** A lift as it stands in its lane; null for one that the catalogue does not hold. */
export function liftView(state: LiftState, place: LanePlace): LiftView | null {
  const { session, client, room, strength } = place;
  const here = liftHere(state, room, client, session.startedAt);
  if (!here) return null;
  const next = proposeNextSet(
    state,
    floorContextFor(here, client, strength, session.unit, session.startedAt),
  );
  const steps = stepsInSight(state, next);
  const built = builtNow(state, next, place);
  return { state, ...here, next, steps, ...built, ...rampOf(state, next, steps) };
}

/** The steps that a lift has still to do. */
export const stepsAhead = (view: Pick<LiftView, 'steps' | 'state'>): Step[] =>
  view.steps.slice(nextStepIndex(view.state));

/** The load of the working sets to come. */
export const workingLoad = (view: Pick<LiftView, 'steps' | 'state'>): Grams =>
  view.steps.findLast((step) => step.kind === 'working')?.loadG ?? view.state.plan.loadG;

/** Number of the next working set, from 1. */
export const workingNumber = (view: LiftView): number =>
  countedSets(view.state, 'working').length + 1;

/** Working sets in all: those planned, or more where a climb goes on. */
export const workingTotal = (view: LiftView): number =>
  Math.max(
    view.steps.filter((step) => step.kind === 'working').length,
    workingNumber(view) - (view.next.kind === 'step' ? 0 : 1),
  );
