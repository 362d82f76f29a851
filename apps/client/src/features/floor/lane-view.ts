import {
  breathingOut,
  findLift,
  lifts as catalogue,
  safetyFaults,
  styleOf,
  type CatalogueLift,
  type Style,
} from '@spalo/catalog';
import type { Client } from '@spalo/contract';
import {
  countedSets,
  currentRest,
  evidenceOf,
  exhales,
  liftIsDone,
  loadables,
  proposeNextSet,
  readStrength,
  stepsInSight,
  type Build,
  type Loadable,
  type LiftState,
  type LoggedSet,
  type NextSet,
  type Person,
  type Rest,
  type Room,
  type SessionState,
  type Step,
  type StrengthProfile,
} from '@spalo/core';
import type { RampStepItem } from '../../design/Ramp';
import { profileToday } from '../../state/strength';

/** A lift of a session with all that is drawn of it. */
export interface LiftView {
  state: LiftState;
  lift: CatalogueLift;
  style: Style;
  loads: Loadable[];
  next: NextSet;
  steps: Step[];
  /** Ramp steps: sets done with their real numbers, then what is to come. */
  ramp: RampStepItem[];
  /** The set behind each ramp step that is done. */
  setOfStep: (LoggedSet | null)[];
  /** What the implement carries from the last set of this lift. */
  onBar: Build | null;
}

/** A client on the floor. */
export interface LaneView {
  session: SessionState;
  client: Client | undefined;
  room: Room;
  strength: StrengthProfile;
  name: string;
  lifts: LiftView[];
  current: LiftView | null;
  position: number;
  rest: Rest | null;
  finished: boolean;
}

export const calledName = (client: Pick<Client, 'name' | 'calledName'> | undefined) =>
  client ? client.calledName || client.name.split(' ')[0]! : 'Client';

function rampOf(state: LiftState, next: NextSet, steps: Step[]) {
  const doneBy = new Map(countedSets(state).map((set) => [set.step, set]));
  const extra = [...doneBy.keys()].filter((step) => step >= steps.length).sort((a, b) => a - b);
  const indices = [...steps.keys(), ...extra];
  const nowAt = next.kind === 'step' ? next.step : -1;
  const ramp = indices.map((index): RampStepItem => {
    const set = doneBy.get(index);
    if (set) return { kind: set.kind, load: set.loadG, reps: set.reps, state: 'done' };
    const step = steps[index]!;
    return {
      kind: step.kind,
      load: step.loadG,
      reps: step.reps,
      state: index === nowAt ? 'now' : 'coming',
    };
  });
  return { ramp, setOfStep: indices.map((index) => doneBy.get(index) ?? null) };
}

function liftView(
  state: LiftState,
  session: SessionState,
  client: Client | undefined,
  room: Room,
  strength: StrengthProfile,
): LiftView | null {
  const lift = findLift(state.plan.liftId);
  if (!lift) return null;
  const taught = styleOf(lift.id, state.plan.styleId);
  const style = client && exhales(client) ? breathingOut(taught) : taught;
  const loads = loadables(room, state.plan.implement);
  const next = proposeNextSet(state, {
    lift,
    loads,
    unit: session.unit,
    flags: client?.flags ?? [],
    safetyFaults: safetyFaults(style),
    strength,
  });
  const steps = stepsInSight(state, next);
  const last = countedSets(state).at(-1);
  const onBar = loads.find((load) => load.loadG === last?.loadG)?.build ?? null;
  return { state, lift, style, loads, next, steps, onBar, ...rampOf(state, next, steps) };
}

/** A session whose client is not known here (yet): only its own sets speak. */
function strengthOfNobody(session: SessionState): StrengthProfile {
  const someone: Person = {
    bodyMassG: 75_000,
    sex: 'unsaid',
    trainingMonths: 0,
    birthDate: null,
    nervous: false,
    preference: 'none',
    flags: [],
    reports: [],
    cautions: [],
    overrides: [],
  };
  return readStrength(someone, null, catalogue, session.startedAt).after(evidenceOf(session));
}

/** The lane of a session; `opened` is the lift that the trainer looks at, else the first that is not done. */
export function laneView(
  session: SessionState,
  client: Client | undefined,
  room: Room,
  opened: string | undefined,
): LaneView {
  const strength = client ? profileToday(client, session) : strengthOfNobody(session);
  const lifts = session.lifts.flatMap(
    (state) => liftView(state, session, client, room, strength) ?? [],
  );
  const open = lifts.find((view) => view.lift.id === opened);
  const current = open ?? lifts.find((view) => view.next.kind === 'step') ?? null;
  const rest = currentRest(session, (state) => {
    const view = lifts.find((each) => each.state === state);
    return view?.next.kind === 'step' && view.next.restLonger;
  });
  return {
    session,
    client,
    room,
    strength,
    name: calledName(client),
    lifts,
    current,
    position: current ? lifts.indexOf(current) + 1 : lifts.length,
    rest,
    finished: lifts.every((view) => view.next.kind !== 'step' || liftIsDone(view.state)),
  };
}

interface Seen {
  client: Client | undefined;
  room: Room;
  opened: string | undefined;
  lane: LaneView;
}
const seen = new WeakMap<SessionState, Seen>();

/** The same lane for the same session, client, room and lift, so that a tap redraws its own lane and no other. */
export function steadyLaneView(
  session: SessionState,
  client: Client | undefined,
  room: Room,
  opened: string | undefined,
): LaneView {
  const before = seen.get(session);
  if (before && before.client === client && before.room === room && before.opened === opened) {
    return before.lane;
  }
  const lane = laneView(session, client, room, opened);
  seen.set(session, { client, room, opened, lane });
  return lane;
}

/** How a session with this set of lifts stands, in a few words for the strip. */
export function laneDoing(view: LaneView): string {
  const { current } = view;
  if (!current) return 'wrap up';
  if (current.next.kind === 'stop') return 'stopped';
  if (current.next.kind === 'done') return 'lift done';
  return current.next.set.kind === 'warm-up'
    ? `warm-up ${current.next.step + 1}`
    : `set ${workingNumber(current)} of ${workingTotal(current)}`;
}

/** Number of the next working set, from 1. */
export function workingNumber(view: LiftView): number {
  return countedSets(view.state, 'working').length + 1;
}

/** Working sets in all: those planned, or more where a climb goes on. */
export const workingTotal = (view: LiftView) =>
  Math.max(
    view.steps.filter((step) => step.kind === 'working').length,
    workingNumber(view) - (view.next.kind === 'step' ? 0 : 1),
  );
