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
  isWarm,
  liftIsDone,
  loadables,
  proposeNextSet,
  readStrength,
  stepsInSight,
  type Build,
  type GeneralStepState,
  type Loads,
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
import { buildNow, type Lacking, type NowBuilt } from './build';
import { standingOf, takenElsewhere, type Standing } from './standing';
import { takenKey } from './taken';
import { stationOf } from './station';

/** A lift of a session with all that is drawn of it. */
export interface LiftView {
  state: LiftState;
  lift: CatalogueLift;
  style: Style;
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

/** The general part of a lane's warm-up. */
export interface GeneralView {
  steps: GeneralStepState[];
  /** The step in hand; null when all are done or left out. */
  now: GeneralStepState | null;
  /** It is what the lane is doing: steps are open, no set is logged, and the trainer has not opened a lift. */
  active: boolean;
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
  general: GeneralView;
  /** Lifts whose muscles earlier lifts have warmed, or will have by then. */
  warm: ReadonlySet<string>;
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
  standing: Standing,
): LiftView | null {
  const lift = findLift(state.plan.liftId);
  if (!lift) return null;
  const taught = styleOf(lift.id, state.plan.styleId);
  const style = client && exhales(client) ? breathingOut(taught) : taught;
  const { implement } = state.plan;
  const loads = loadables(room, implement);
  const next = proposeNextSet(state, {
    lift,
    loads,
    unit: session.unit,
    flags: client?.flags ?? [],
    safetyFaults: safetyFaults(style),
    strength,
  });
  const steps = stepsInSight(state, next);
  const station = stationOf(session, state, room);
  const onBar = standing.get(station)?.build ?? null;
  let now: NowBuilt = { build: null, lacking: null };
  if (next.kind === 'step') {
    // A load that moved away from the plan is built anew from what stands.
    const moved = state.steps[next.step]?.loadG !== next.set.loadG;
    const { plates: _planned, ...bare } = next.set;
    now = buildNow(
      moved ? bare : next.set,
      implement,
      room,
      onBar,
      takenElsewhere(standing, station),
    );
  }
  return { state, lift, style, loads, next, steps, onBar, ...now, ...rampOf(state, next, steps) };
}

function generalView(session: SessionState, opened: string | undefined): GeneralView {
  const now = session.general.find((step) => step.state === 'open') ?? null;
  const anySet = session.lifts.some((lift) => countedSets(lift).length > 0);
  return { steps: session.general, now, active: now !== null && !anySet && opened === undefined };
}

/** Lifts of a session that come after others of the same muscles; those skipped warm nobody. */
export function warmLifts(session: Pick<SessionState, 'lifts'>): Set<string> {
  const warm = new Set<string>();
  const before: CatalogueLift[] = [];
  for (const { plan, skipped } of session.lifts) {
    const lift = findLift(plan.liftId);
    if (!lift) continue;
    if (isWarm(lift, before)) warm.add(lift.id);
    if (!skipped) before.push(lift);
  }
  return warm;
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
  standing: Standing = standingOf([session], room),
): LaneView {
  const strength = client ? profileToday(client, session) : strengthOfNobody(session);
  const lifts = session.lifts.flatMap(
    (state) => liftView(state, session, client, room, strength, standing) ?? [],
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
    general: generalView(session, opened),
    warm: warmLifts(session),
  };
}

interface Seen {
  client: Client | undefined;
  room: Room;
  opened: string | undefined;
  stands: string;
  lane: LaneView;
}
const seen = new WeakMap<SessionState, Seen>();

/** The same lane for the same session, client, room, lift and bars, so that a tap redraws its own lane and no other. */
export function steadyLaneView(
  session: SessionState,
  client: Client | undefined,
  room: Room,
  opened: string | undefined,
  standing: Standing = new Map(),
): LaneView {
  const stands = session.lifts
    .map((lift) => {
      const station = stationOf(session, lift, room);
      return `${standing.get(station)?.setId} ${takenKey(takenElsewhere(standing, station))}`;
    })
    .join('/');
  const before = seen.get(session);
  if (
    before &&
    before.client === client &&
    before.room === room &&
    before.opened === opened &&
    before.stands === stands
  ) {
    return before.lane;
  }
  const lane = laneView(session, client, room, opened, standing);
  seen.set(session, { client, room, opened, stands, lane });
  return lane;
}

/** How a session with this set of lifts stands, in a few words for the strip. */
export function laneDoing(view: LaneView): string {
  const { current, general } = view;
  if (general.active) {
    const { steps, now } = general;
    return `drill ${steps.findIndex((step) => step === now) + 1} of ${steps.length}`;
  }
  if (!current) return 'wrap up';
  if (current.next.kind === 'stop') return 'stopped';
  if (current.next.kind === 'done') return 'lift done';
  return current.next.set.kind === 'warm-up'
    ? `ramp ${current.next.step + 1}`
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

/** Whether the question is put: after the first working set of a lift that was warmed up, until the next one. */
export function asksVerdict(view: LiftView): boolean {
  const working = view.state.sets.filter((set) => set.kind === 'working' && !set.voided).length;
  const warmed = view.state.sets.some((set) => set.kind === 'warm-up' && !set.voided);
  return warmed && working === 1;
}
