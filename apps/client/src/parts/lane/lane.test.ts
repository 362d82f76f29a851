import { repLifts } from '@spalo/catalog';
import { programmeLift } from '@spalo/coaching';
import type { Client } from '@spalo/contract';
import { resultOf } from '@spalo/core/floor';
import { emptyHistory, noMemory } from '@spalo/core/memory';
import { draftSession, type DraftInput } from '@spalo/core/planning';
import type { Room } from '@spalo/core/room';
import {
  planOf,
  reduceSession,
  type EventPayloads,
  type EventType,
  type SessionEvent,
  lastSet,
  sessionEvent,
} from '@spalo/core/session';
import { readStrength } from '@spalo/core/strength';
import { served } from '../../state/client-facts.test-help';
import { laneDoing, laneView } from './lane-view';
import { workingNumber, workingTotal } from './lift-view';
import { planForLane } from './plan-for-lane';
import { steadyLaneView } from './steady-lane';
import { correctionText } from '../words/set-words';

jest.mock('../../state/device', () => ({ journal: {}, authorFor: () => ({}) }));

const kg = (value: number) => value * 1000;
const room: Room = {
  id: 'room',
  name: 'Room',
  bars: [
    {
      id: 'bar',
      name: 'Bar',
      kind: 'straight',
      massG: kg(15),
      unit: 'kg',
      sleeveMm: 300,
      count: 1,
      fits: null,
      handleMm: [],
    },
  ],
  plates: [20, 10, 5, 2.5, 1.25].map((mass) => ({
    id: `p${mass}`,
    massG: kg(mass),
    unit: 'kg',
    count: 4,
    diameterMm: 100 + mass * 10,
    thicknessMm: 20,
  })),
  dumbbells: [4, 6, 8, 10, 12, 16, 20].map((mass) => ({
    id: `d${mass}`,
    massG: kg(mass),
    unit: 'kg',
    count: 2,
  })),
  kettlebells: [],
  stacks: [],
  machines: [],
  bands: [],
  furniture: null,
};
const client: Client = {
  ...served,
  id: 'client',
  name: 'Ada Lind',
  sex: 'female',
  birthDate: '1990-05-14',
  trainingMonths: 18,
};
const input: DraftInput = {
  programme: ['back-squat', 'dumbbell-bench-press', 'one-arm-row', 'romanian-deadlift'].map(
    programmeLift,
  ),
  person: client,
  profile: readStrength(client, null, repLifts(), '2026-11-24T10:00:00.000Z'),
  history: emptyHistory,
  room,
  unit: 'kg',
  now: '2026-11-24T10:00:00.000Z',
};
// As decided last time: a ramp and three working sets each, no climb.
const decided = draftSession(input).lifts.map(planOf);
const { lifts } = draftSession({
  ...input,
  history: {
    lifts: Object.fromEntries(decided.map((plan) => [plan.liftId, { ...noMemory, plan }])),
  },
});

function floor() {
  const events: SessionEvent[] = [];
  const add = <T extends EventType>(type: T, payload: EventPayloads[T]) =>
    void events.push(
      sessionEvent(
        {
          id: `id-${String(events.length).padStart(3, '0')}`,
          streamId: 'session',
          at: new Date(Date.parse('2026-11-24T10:00:00.000Z') + events.length * 1000).toISOString(),
          author: 'trainer',
          device: 'device',
        },
        type,
        payload,
      ),
    );
  add('session.started', {
    clientId: 'client',
    bookingId: null,
    roomId: 'room',
    unit: 'kg',
    lifts,
  });
  const session = () => reduceSession(events)!;
  const view = (opened?: string) => laneView(session(), client, room, opened);
  const log = () => {
    const { current } = view();
    if (current?.next.kind !== 'step') throw new Error('nothing to log');
    const { step, set } = current.next;
    const result = resultOf(set, {}, current.state.plan.targetRir);
    add('set.logged', {
      ...result,
      liftId: current.lift.id,
      step,
      kind: set.kind,
      proposed: { loadG: set.loadG, reps: set.reps },
    });
  };
  return { add, view, log, session };
}

describe('a lane', () => {
  it('begins with the first lift and its first warm-up set, called by the first name', () => {
    const lane = floor().view();
    expect(lane).toMatchObject({ name: 'Ada', position: 1, rest: null, finished: false });
    expect(lane.current!.ramp.map((step) => step.state)).toEqual([
      'now',
      ...lane.current!.ramp.slice(1).map(() => 'coming'),
    ]);
    expect(laneDoing(lane)).toBe('ramp 1');
  });

  it('climbs set by set, rests, and goes on to the next lift by itself', () => {
    const { view, log } = floor();
    const steps = view().current!.steps.length;
    log();
    expect(view().current!.ramp[0]!.state).toBe('done');
    expect(view().rest).not.toBeNull();
    for (let left = steps - 1; left > 0; left -= 1) log();
    expect(view().current!.lift.id).toBe(lifts[1]!.liftId);
    expect(view().position).toBe(2);
  });

  it('counts working sets', () => {
    const { view, log } = floor();
    while (view().current!.next.kind === 'step' && laneDoing(view()).startsWith('ramp')) log();
    expect(laneDoing(view())).toBe('set 1 of 3');
    expect([workingNumber(view().current!), workingTotal(view().current!)]).toEqual([1, 3]);
  });

  it('stays on a lift that the trainer opened, and says when pain stopped it', () => {
    const { add, view } = floor();
    add('pain.reported', {
      liftId: 'back-squat',
      place: 'knee',
      side: 'left',
      score: 6,
      kind: 'ache',
    });
    expect(view('back-squat').current!.next.kind).toBe('stop');
    expect(laneDoing(view('back-squat'))).toBe('stopped');
    expect(view().current!.lift.id).not.toBe('back-squat');
  });

  it('is finished when nothing is left to do', () => {
    const { add, view } = floor();
    for (const { liftId } of lifts) add('lift.skipped', { liftId, skipped: true, reason: null });
    expect(view()).toMatchObject({ finished: true, current: null });
    expect(laneDoing(view())).toBe('wrap up');
  });

  it('shows what was done, not what was planned, with what is on the bar', () => {
    const { add, view } = floor();
    add('set.logged', {
      liftId: 'back-squat',
      step: 0,
      kind: 'warm-up',
      loadG: kg(20),
      reps: 6,
      cleanReps: 6,
      marks: [],
      rir: null,
      proposed: { loadG: kg(15), reps: 10 },
    });
    const { ramp, onBar } = view().current!;
    expect(ramp[0]).toEqual({ kind: 'warm-up', load: kg(20), reps: 6, state: 'done' });
    expect(onBar).toMatchObject({ kind: 'barbell', perSide: [{ massG: kg(2.5) }] });
  });

  it('undoes the set logged last, of whichever lift', () => {
    const { view, log, session } = floor();
    expect(lastSet(session())).toBeNull();
    log();
    log();
    expect(lastSet(session())!.step).toBe(1);
    expect(view().current!.setOfStep[1]!.id).toBe(lastSet(session())!.id);
  });
});

describe('a lane between taps', () => {
  it('is the same until its session, client, room or lift is another', () => {
    const { session, log } = floor();
    const before = session();
    const lane = steadyLaneView(before, client, room, undefined);
    expect(steadyLaneView(before, client, room, undefined)).toBe(lane);
    expect(steadyLaneView(before, { ...client }, room, undefined)).not.toBe(lane);
    expect(steadyLaneView(before, client, room, 'one-arm-row').current!.lift.id).toBe(
      'one-arm-row',
    );
    log();
    expect(steadyLaneView(session(), client, room, undefined).current!.ramp[0]!.state).toBe('done');
  });
});

describe('what will be stored', () => {
  const planned = { loadG: kg(60), reps: 8, kind: 'working' as const };
  it('is the plan where nothing was seen', () => {
    expect(resultOf(planned, {}, 2)).toEqual({
      loadG: kg(60),
      reps: 8,
      cleanReps: 8,
      marks: [],
      rir: 2,
    });
    expect(resultOf({ ...planned, kind: 'warm-up' }, {}, 2).rir).toBeNull();
  });
  it('counts a rep once however often it is marked, and no rep that was not done', () => {
    const marks = [
      { rep: 3, faultId: 'a' },
      { rep: 3, faultId: 'b' },
      { rep: 8, faultId: 'a' },
    ];
    expect(resultOf(planned, { reps: 7, marks, rir: 0 }, 2)).toMatchObject({
      reps: 7,
      cleanReps: 6,
      rir: 0,
    });
  });
  it('says what a correction changed', () => {
    const before = { loadG: kg(60), reps: 8, cleanReps: 7, marks: [], rir: 2 };
    expect(correctionText(before, 'kg')).toBe('was 60 × 7 clean of 8, 2 in reserve');
    expect(correctionText({ ...before, cleanReps: 8, rir: null }, 'kg')).toBe('was 60 × 8 clean');
  });
});

describe('a client who must not hold their breath', () => {
  it('is cued to breathe out in every lift', () => {
    const { session } = floor();
    const careful = laneView(session(), { ...client, cautions: ['exhale'] }, room, undefined);
    expect(careful.lifts.length).toBeGreaterThan(0);
    for (const { style } of careful.lifts) {
      const held = style.cues.filter(({ holdsBreath }) => holdsBreath);
      expect(held.every(({ text }) => /Breathe out|air moving/.test(text))).toBe(true);
    }
  });
});

describe('what today says of strength', () => {
  it('moves related lifts as well as the one that was done', () => {
    const { add, view } = floor();
    const row = () => {
      const { strength, lifts: views } = view();
      return strength.loadFor(views[2]!.lift, 10, 2).mean;
    };
    const before = row();
    for (const step of [0, 1, 2]) {
      add('set.logged', {
        liftId: 'dumbbell-bench-press',
        step,
        kind: 'working',
        loadG: kg(20),
        reps: 10,
        cleanReps: 10,
        marks: [],
        rir: 2,
        proposed: { loadG: kg(20), reps: 10 },
      });
    }
    expect(row()).toBeGreaterThan(before * 1.05);
  });

  it('plans a lift that is added on the floor, or says that the room has nothing for it', async () => {
    const lane = floor().view();
    expect(await planForLane(lane, 'split-squat')).toMatchObject({ climb: true, targetRir: 3 });
    expect(await planForLane(lane, 'leg-press')).toBeNull();
  });
});
