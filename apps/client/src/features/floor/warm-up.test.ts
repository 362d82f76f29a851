import { findDrill } from '@spalo/catalog';
import { generalInputFor, programmeLift, warmLifts } from '@spalo/coaching';
import type { Client } from '@spalo/contract';
import { standingOf, isSharing, stationOf, refit, asksVerdict } from '@spalo/core/floor';
import { noMemory } from '@spalo/core/memory';
import { sessionDuration, stepsDuration } from '@spalo/core/time';
import { emptyRoom, platesOf, type Room } from '@spalo/core/room';
import {
  planOf,
  reduceSession,
  type EventPayloads,
  type EventType,
  type SessionEvent,
  type SessionState,
  sessionEvent,
} from '@spalo/core/session';
import { generalSeconds, plainTaste } from '@spalo/core/warm-up';
import { served } from '../../state/client-facts.test-help';
import { doTask } from '../../state/worker/tasks';
import { inWorker } from '../../state/worker/ask';
import { rampToday } from '../../parts/lane/actions/ramp-actions';
import { stepsAhead } from '../../parts/lane/lift-view';
import { laneDoing, laneView, type LaneView } from '../../parts/lane/lane-view';
import { lengthText, minutesText } from '../../parts/words/ramp-words';
import { sharerOf, sharingLanes, stepsFrom } from './shared-bar/shared-bar';

jest.mock('../../state/device', () => ({ journal: {}, authorFor: () => ({}) }));

const kg = (value: number) => value * 1000;
const room: Room = {
  ...emptyRoom('room', 'Room'),
  bars: [
    {
      id: 'bar',
      name: 'Bar',
      kind: 'straight',
      massG: kg(20),
      unit: 'kg',
      sleeveMm: 400,
      count: 1,
      fits: null,
      handleMm: [],
    },
  ],
  plates: [20, 10, 5, 2.5].map((mass) => ({
    id: `p${mass}`,
    massG: kg(mass),
    unit: 'kg',
    count: 4,
    diameterMm: mass >= 10 ? 450 : 100 + mass * 10,
    thicknessMm: 20,
  })),
};
const trained: Client = {
  ...served,
  id: 'ada',
  name: 'Ada Lind',
  trainingMonths: 30,
  stiff: ['ankle bend'],
};
const decided = (loadG: number, liftId = 'back-squat') => {
  const { lift, styleId, firstCueId } = programmeLift(liftId);
  return {
    liftId: lift.id,
    styleId,
    implement: { kind: 'barbell' as const, barId: 'bar' },
    repRange: { low: 8, high: 12 },
    reps: 8,
    targetRir: 2,
    sets: 3,
    loadG,
    focusCueId: firstCueId,
    closed: null,
  };
};
const client = (loadG: number, change: Partial<Client> = {}): Client => ({
  ...trained,
  programme: ['back-squat'],
  history: {
    ...trained.history,
    lifts: { 'back-squat': { ...noMemory, plan: decided(loadG) } },
  },
  ...change,
});
const someone = (who: Client) => ({
  client: who,
  room,
  unit: 'kg' as const,
  now: '2026-11-24T10:00:00.000Z',
  hour: 10,
  taste: { raise: null, raiseMinutes: null, hips: 'one leg' as const, coldRoom: false },
  ratios: {},
});

/** A session of one client as the floor holds it. */
function floor(who: Client, id = 's') {
  const { lifts, general } = doTask({ name: 'draft', input: someone(who) });
  const events: SessionEvent[] = [];
  const add = <T extends EventType>(type: T, payload: EventPayloads[T]) =>
    void events.push(
      sessionEvent(
        {
          id: `${id}-${String(events.length).padStart(3, '0')}`,
          streamId: id,
          at: new Date(Date.parse('2026-11-24T10:00:00.000Z') + events.length * 1000).toISOString(),
          author: 'trainer',
          device: 'device',
        },
        type,
        payload,
      ),
    );
  add('session.started', {
    clientId: who.id,
    bookingId: null,
    roomId: 'room',
    unit: 'kg',
    lifts,
    general: general.steps,
  });
  const session = () => reduceSession(events)!;
  const lane = (): LaneView => laneView(session(), who, room, undefined);
  const pass = () =>
    add('drills.marked', { drillIds: general.steps.map((each) => each.drillId), state: 'done' });
  const log = () => {
    const { current } = lane();
    if (current?.next.kind !== 'step') throw new Error('nothing to log');
    const { step, set } = current.next;
    const { loadG, reps, kind } = set;
    add('set.logged', {
      liftId: current.lift.id,
      step,
      kind,
      loadG,
      reps,
      cleanReps: reps,
      marks: [],
      rir: kind === 'working' ? 2 : null,
      proposed: { loadG, reps },
    });
  };
  return { add, session, lane, pass, log, general };
}

describe('the general part of a lane', () => {
  it('comes first, step by step, and makes way for the lift', () => {
    const { lane, add, pass, general } = floor(client(kg(100)));
    expect(lane().general.active).toBe(true);
    expect(laneDoing(lane())).toMatch(/^drill 1 of \d$/);
    const [first, second] = general.steps;
    add('drills.marked', { drillIds: [first!.drillId], state: 'done' });
    expect(lane().general.now!.drillId).toBe(second!.drillId);
    pass();
    expect(lane().general).toMatchObject({ active: false, now: null });
    expect(laneDoing(lane())).toBe('ramp 1');
  });
  it('keeps what was done when it is fitted anew, and what was swapped', () => {
    const who = client(kg(100));
    const { session, add, general } = floor(who);
    const [first, second] = general.steps;
    const by = { ...first!, drillId: 'easy-row' };
    add('drill.swapped', { drillId: first!.drillId, by });
    add('drills.marked', { drillIds: ['easy-row'], state: 'done' });
    add('drills.marked', { drillIds: [second!.drillId], state: 'skipped' });
    const input = (minutes: number | null) =>
      generalInputFor(
        who,
        ['back-squat'],
        { now: session().startedAt, hour: 10 },
        { minutes, taste: plainTaste },
      );
    const shorter = refit(session(), input(3));
    expect(shorter.steps.slice(0, 2)).toEqual([by, second]);
    expect(shorter.seconds).toBeLessThan(generalSeconds(general.steps.slice(2)));
    expect(shorter.dropped.join()).not.toContain(findDrill('easy-row')!.name.toLowerCase());
    add('general.planned', { steps: shorter.steps });
    expect(
      session()
        .general.map((step) => step.state)
        .slice(0, 3),
    ).toEqual(['done', 'skipped', 'open']);
    // There is time again: the rest comes back, what is behind stays behind.
    const whole = refit(session(), input(null));
    expect(whole.steps.slice(2)).toEqual(general.steps.slice(2));
    expect(whole.steps[0]).toEqual(by);
  });
});

describe('the ramp on the floor', () => {
  it('says what stands on the bar, and builds the next set from there', () => {
    const { lane, pass, log } = floor(client(kg(100)));
    pass();
    expect(lane().current!.onBar).toBeNull();
    log();
    log();
    const { onBar, build, steps } = lane().current!;
    expect(platesOf(onBar!).map((plate) => plate.id)).toEqual(steps[1]!.plates);
    expect(platesOf(build!).map((plate) => plate.id)).toEqual(steps[2]!.plates);
  });
  it('asks for the verdict after the first working set only', () => {
    const { lane, pass, log } = floor(client(kg(60)));
    pass();
    while (lane().current!.next.kind === 'step' && laneDoing(lane()).startsWith('ramp')) log();
    expect(asksVerdict(lane().current!.state)).toBe(false);
    log();
    expect(asksVerdict(lane().current!.state)).toBe(true);
    log();
    expect(asksVerdict(lane().current!.state)).toBe(false);
  });
  it('follows the trainer for today, then the client’s habit, then the rule', () => {
    const { lane, add, pass } = floor(client(kg(100)));
    pass();
    const view = () => lane().current!;
    expect(rampToday(lane(), view(), null).kind).toBe('build');
    expect(rampToday(lane(), view(), { kind: 'heavy', primer: null }).kind).toBe('heavy');
    add('ramp.chosen', { liftId: 'back-squat', kind: 'short', primer: 'none' });
    expect(rampToday(lane(), view(), null)).toMatchObject({ kind: 'short', primer: 'none' });
  });
  it('counts a lift as warmed only by lifts that are not skipped', () => {
    const two = client(kg(100), { programme: ['back-squat', 'front-squat'] });
    two.history.lifts['front-squat'] = { ...noMemory, plan: decided(kg(60), 'front-squat') };
    const { session, add, lane } = floor(two);
    expect(lane().lifts[1]!.state.plan.ramp).toBe('warm already');
    expect(warmLifts(session()).has('front-squat')).toBe(true);
    add('lift.skipped', { liftId: 'back-squat', skipped: true, reason: null });
    expect(warmLifts(session()).has('front-squat')).toBe(false);
  });
});

describe('two lanes on one bar', () => {
  const both = () => {
    const [ada, bo] = [floor(client(kg(100)), 'a'), floor(client(kg(60), { id: 'bo' }), 'b')];
    ada.pass();
    bo.pass();
    return [ada, bo] as const;
  };
  it('find each other, and only once both are at the bar', () => {
    const [ada, bo] = both();
    const lanes = [ada.lane(), bo.lane()];
    expect(sharingLanes(lanes[0]!, lanes)).toEqual([lanes[1]]);
    const waiting = floor(client(kg(60), { id: 'cy' }), 'c').lane();
    expect(sharingLanes(lanes[0]!, [lanes[0]!, waiting])).toEqual([]);
  });
  it('take the common order into both plans, with less handling than apart', async () => {
    const [ada, bo] = both();
    const sharer = (lane: LaneView) => sharerOf(lane, lane.current!);
    const sharers = [sharer(ada.lane()), sharer(bo.lane())] as [
      ReturnType<typeof sharerOf>,
      ReturnType<typeof sharerOf>,
    ];
    const { implement } = ada.lane().current!.state.plan;
    const order = await inWorker('share', { room, implement, sharers, first: 0, standing: [] });
    expect(order.moves).toBeLessThan(order.apart);
    const steps = stepsFrom(ada.lane().current!, order, 0);
    expect(steps.map((step) => step.kind)).toEqual(
      stepsAhead(ada.lane().current!).map((step) => step.kind),
    );
    ada.add('plan.adjusted', {
      liftId: 'back-squat',
      fromStep: 0,
      steps,
      reasons: ['One bar with Bo'],
      barWith: bo.session().id,
    });
    expect(isSharing(ada.lane().current!.state)).toBe(true);
    expect(isSharing(bo.lane().current!.state)).toBe(false);
  });
  it('see what the other one left on the bar', () => {
    const [ada, bo] = both();
    ada.log();
    ada.log();
    const standing = standingOf([ada.session(), bo.session()], room);
    const lane = laneView(bo.session(), client(kg(60)), room, undefined, standing);
    expect(platesOf(lane.current!.onBar!)).toEqual(platesOf(ada.lane().current!.onBar!));
  });
  it('are at the bar until their lift is over', () => {
    const [ada] = both();
    const inUse = () => [...standingOf([ada.session()], room).values()].map((each) => each.inUse);
    expect(inUse()).toEqual([]);
    ada.log();
    expect(inUse()).toEqual([true]);
    ada.add('lift.skipped', { liftId: 'back-squat', skipped: true, reason: null });
    expect(inUse()).toEqual([false]);
  });
  it('say what is lacking when the plates are on the other bar', () => {
    const two: Room = { ...room, bars: [...room.bars, { ...room.bars[0]!, id: 'other' }] };
    const [ada, bo] = both();
    while (ada.lane().current!.next.kind === 'step' && laneDoing(ada.lane()).startsWith('ramp')) {
      ada.log();
    }
    ada.log();
    const [stand] = standingOf([ada.session()], two).values();
    const elsewhere = new Map([['barbell/other', stand!]]);
    // Forty a side stand there; what is left makes thirty-five at the most, so sixty but not a hundred.
    expect(platesOf(stand!.build).reduce((sum, each) => sum + each.massG, 0)).toBe(kg(40));
    const free = laneView(bo.session(), client(kg(60)), two, undefined, elsewhere);
    expect(free.current!.lacking).toBeNull();
    const heavy = { ...bo.session() };
    heavy.lifts = heavy.lifts.map((lift) => ({
      ...lift,
      steps: [{ kind: 'working', loadG: kg(100), reps: 5, purpose: '', restS: 0 }],
    }));
    const { lacking } = laneView(heavy, client(kg(60)), two, undefined, elsewhere).current!;
    expect(lacking).toEqual({ sessionIds: [ada.session().id], freeG: kg(90) });
  });

  describe('where the room has two of that bar', () => {
    const roomy: Room = { ...room, bars: room.bars.map((bar) => ({ ...bar, count: 2 })) };
    const inRoomy = (lane: LaneView): LaneView => ({ ...lane, room: roomy });

    it('have one each, and share only once a third comes', () => {
      const [ada, bo] = both().map((each) => inRoomy(each.lane()));
      const cy = floor(client(kg(80), { id: 'cy' }), 'c');
      cy.pass();
      expect(sharingLanes(ada!, [ada!, bo!])).toEqual([]);
      const third = inRoomy(cy.lane());
      expect(sharingLanes(ada!, [ada!, bo!, third])).toEqual([bo, third]);
    });
    it('do not find what the other one left, unless they share', () => {
      const [ada, bo] = both();
      ada.log();
      ada.log();
      const standing = () => standingOf([ada.session(), bo.session()], roomy);
      const left = (session: SessionState) =>
        standing().get(stationOf(session, session.lifts[0]!, roomy))?.build;
      expect(left(bo.session())).toBeUndefined();
      expect(platesOf(left(ada.session())!)).toEqual(platesOf(ada.lane().current!.onBar));
      for (const each of [ada, bo]) {
        const { steps } = each.lane().current!;
        const plan = { liftId: 'back-squat', fromStep: 0, steps };
        each.add('plan.adjusted', { ...plan, reasons: ['One bar'], barWith: 'the other' });
      }
      expect(left(bo.session())).toEqual(left(ada.session()));
    });
  });
});

describe('how long it takes', () => {
  it('adds up the general part, ramps and work', () => {
    const { lifts, general } = doTask({ name: 'draft', input: someone(client(kg(100))) });
    const whole = sessionDuration(lifts, general.steps, room);
    const { warmUpS, workS } = stepsDuration(lifts[0]!.steps, lifts[0]!, room);
    const totalS = generalSeconds(general.steps) + warmUpS + workS;
    expect(whole).toEqual({
      generalS: generalSeconds(general.steps),
      rampsS: warmUpS,
      workS,
      totalS,
      ruleS: totalS,
    });
    expect(warmUpS).toBeGreaterThan(300);
    expect(planOf(lifts[0]!).loadG).toBe(kg(100));
  });
  it.each([
    [45, '45 s'],
    [60, '1 min'],
    [100, '1 min 40'],
    [300, '5 min'],
  ])('%d s is said as %s', (seconds, text) => {
    expect(lengthText(seconds)).toBe(text);
  });
  it('is never said as nothing', () => {
    expect(minutesText(5)).toBe('1 min');
  });
});

describe('work that the worker does', () => {
  it('plans a draft offline from what is known, and refuses what cannot be', async () => {
    const draft = await inWorker('draft', someone(client(kg(100))));
    expect(draft.lifts[0]!.steps.length).toBeGreaterThan(3);
    expect(draft.general.steps.some((step) => step.drillId === 'knee-to-wall')).toBe(true);
    const implement = { kind: 'barbell' as const, barId: 'gone' };
    const nobody = { liftId: 'back-squat', windows: [], stacks: [] };
    await expect(
      inWorker('share', { room, implement, sharers: [nobody, nobody], first: 0, standing: [] }),
    ).rejects.toThrow('This bar is not in the room');
  });
});
