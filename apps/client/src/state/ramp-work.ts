import { generalInputFor, liftById, programmeFor, programmeLift } from '@spalo/catalog';
import type { Client } from '@spalo/contract';
import {
  atOrBelow,
  buildGeneral,
  draftSession,
  fitRamp,
  handlingApart,
  isWarm,
  loadables,
  planLift,
  planRamp,
  plateImplement,
  rampKinds,
  rampSeconds,
  shareBar,
  stepsOf,
  stepsWithLoad,
  stepsWithRamp,
  windowsFor,
  type Draft,
  type DraftInput,
  type FittedRamp,
  type General,
  type Implement,
  type LiftState,
  type LoadWindow,
  type Plate,
  type PlannedLift,
  type PlannedRamp,
  type RampKind,
  type RampRequest,
  type RampToday,
  type Room,
  type SessionState,
  type SharedOrder,
  type Step,
  type Unit,
  type WarmUpTaste,
} from '@spalo/core';
import { profileOfClient, profileToday } from './strength';

/** A client who is about to train, where and when. */
export interface Someone {
  client: Client;
  room: Room;
  unit: Unit;
  /** ISO time, and the hour of the day in the studio's zone. */
  now: string;
  hour: number;
  taste: WarmUpTaste;
}

export interface WholeDraft extends Draft {
  general: General;
}

/** Where the steps of a lift are planned. */
export interface Where {
  liftId: string;
  room: Room;
  unit: Unit;
  standing: Plate[];
}

const inputOf = ({ client, room: given, unit, now }: Omit<Someone, 'hour' | 'taste'>) => ({
  plans: client.history.plans,
  person: client,
  lastTime: client.history.lastTime,
  lastDone: client.history.lastDone,
  faults: client.history.faults,
  habits: client.history.habits,
  room: steady(given),
  unit,
  now,
});

const context = ({ liftId, room, unit, standing }: Where) => ({
  lift: liftById(liftId),
  room: steady(room),
  unit,
  standing,
});

/** Sets that a client has still to do on a shared bar, and the plates that their own plan gives each. */
export interface Sharer {
  liftId: string;
  windows: LoadWindow[];
  stacks: Plate[][];
}

/** One ramp of the bench, with its time. */
export interface BenchRamp {
  kind: RampKind;
  ramp: PlannedRamp;
  seconds: number;
}

let known: { text: string; room: Room } | null = null;
/** The same room as last time where it is equal: what was worked out for it is kept with it, and messages copy. */
function steady(room: Room): Room {
  const text = JSON.stringify(room);
  if (known?.text !== text) known = { text, room };
  return known.room;
}

/** The work of warming up that the worker does. */
export const rampWork = {
  /** Today's session with its ramps and its general part. */
  draft(someone: Someone): WholeDraft {
    const { client, room, now, hour, taste } = someone;
    const input: DraftInput = {
      ...inputOf(someone),
      profile: profileOfClient(client),
      programme: programmeFor(client, steady(room)),
    };
    const draft = draftSession(input);
    const ids = draft.lifts.map((lift) => lift.liftId);
    const wish = { minutes: null, taste };
    return { ...draft, general: buildGeneral(generalInputFor(client, ids, { now, hour }, wish)) };
  },

  /** A lift planned for a client who is on the floor, from today's sets too; null when the room has nothing for it. */
  lift(
    task: Omit<Someone, 'hour' | 'taste'> & {
      session: SessionState;
      liftId: string;
      standing: Plate[];
    },
  ): PlannedLift | null {
    const { client, session, liftId, standing } = task;
    const entry = programmeLift(liftId);
    const done = session.lifts.filter((lift) => lift.sets.some((set) => !set.voided));
    const warm = isWarm(
      entry.lift,
      done.map((lift) => liftById(lift.plan.liftId)),
    );
    const input = { ...inputOf(task), profile: profileToday(client, session), programme: [entry] };
    return planLift(entry, input, warm, standing);
  },

  /** The steps still to do with another load for the next set. */
  load: ({ state, loadG, where }: { state: LiftState; loadG: number; where: Where }): Step[] =>
    stepsWithLoad(state, loadG, context(where)),

  /** The steps still to do with another ramp, or another working load. */
  ramp({
    state,
    setting,
    loadG,
    where,
  }: {
    state: LiftState;
    setting: RampToday;
    loadG: number;
    where: Where;
  }): Step[] {
    const loads = loadables(steady(where.room), state.plan.implement);
    const workingG = atOrBelow(loads, loadG)?.loadG ?? loadG;
    return stepsWithRamp(state, setting, workingG, context(where));
  },

  /** A lift's ramp within some seconds, with the steps it becomes. */
  fit({
    request,
    seconds,
    working,
  }: {
    request: RampRequest;
    seconds: number;
    working: Step[];
  }): Omit<FittedRamp, 'ramp'> & { steps: Step[] } {
    const { ramp, ...rest } = fitRamp({ ...request, room: steady(request.room) }, seconds);
    return { ...rest, steps: stepsOf(ramp, working) };
  },

  /** Two clients on one bar: the common order, and what both plans as they are would take. */
  share({
    room,
    implement,
    sharers,
    first,
    standing,
  }: {
    room: Room;
    implement: Implement;
    sharers: [Sharer, Sharer];
    first: 0 | 1;
    standing: Plate[];
  }): SharedOrder & { apart: number } {
    const bar = plateImplement(steady(room), implement);
    if (!bar) throw new RangeError('This bar is not in the room');
    const sets = sharers.map(({ windows }) => windows.map((window) => ({ window })));
    const order = shareBar(bar, [sets[0]!, sets[1]!], first, standing);
    return {
      ...order,
      apart: handlingApart([sharers[0].stacks, sharers[1].stacks], first, standing),
    };
  },

  /** Every ramp for one lift, load and reps, side by side. */
  bench: (requests: Omit<RampRequest, 'kind'>): BenchRamp[] =>
    rampKinds.map((kind) => {
      const request = { ...requests, room: steady(requests.room), kind };
      const ramp = planRamp(request);
      return { kind, ramp, seconds: rampSeconds(ramp, request) };
    }),

  /** The loads that the warm-up sets of a ramp may have. */
  windows: (request: RampRequest): LoadWindow[] =>
    windowsFor({ ...request, room: steady(request.room) }).map((step) => step.window),
};
