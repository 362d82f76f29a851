import { liftById, repLifts } from '@spalo/catalog';
import { roomPresets } from '@spalo/catalog/rooms';
import type { BlockState } from '@spalo/core/block';
import { atOrBelow, loadables } from '@spalo/core/loads';
import { emptyHistory, memoryOf, noMemory, type LiftMemory } from '@spalo/core/memory';
import { isClosed, liftLimit, openReps, type Flag } from '@spalo/core/person';
import { draftLoads } from '@spalo/core/planning';
import { readStrength } from '@spalo/core/strength';
import { dayPlus, setStudioZone, studioDay } from '@spalo/core/unit';
import { draftBlock, templates } from '@spalo/core/blocks';
import fc from 'fast-check';
import { blockToday } from '../planning/block-today';
import { blockView } from '../weeks/block-view';
import type { CoachedClient } from '../client/client';
import { draftInputFor } from '../planning/draft-input';
import { isItWorking } from '../weeks/is-it-working';
import { somebody } from './somebody.test-help';

afterEach(() => setStudioZone('UTC'));

let next = 0;
const id = () => `id-${(next += 1)}`;
const garage = roomPresets[0]!.make(id);
const NOW = '2026-11-24T10:00:00.000Z';
const programme = ['back-squat', 'bench-press', 'romanian-deadlift', 'one-arm-row'];

const blockOf = (template: number, days: number): BlockState => ({
  ...draftBlock(templates[template]!, programme.map(liftById), { from: '2026-11-23', days }),
  id: 'block',
  startId: 'block',
  clientId: 'c',
  trainerId: 't',
  startedAt: NOW,
  leftOut: [],
  endedAt: null,
});

const flagOn = (place: Flag['place'], state: Flag['state'] = 'new'): Flag => ({
  id: 'flag',
  place,
  side: 'right',
  note: '',
  fine: '',
  since: '2026-11-20',
  saidBy: '',
  state,
  usualPain: 0,
});

const clientWith = (change: Partial<CoachedClient> = {}): CoachedClient => ({
  ...somebody,
  trainingMonths: 30,
  programme,
  stiff: [],
  history: emptyHistory,
  ...change,
});

const trainingOf = (client: CoachedClient) => ({
  client,
  profile: readStrength(client, null, repLifts(), NOW),
  room: garage,
  unit: 'kg' as const,
  now: NOW,
});

/** A plan that was kept for a lift before anything hurt. */
function remembered(client: CoachedClient, liftId: string): LiftMemory {
  const { lifts } = draftLoads(draftInputFor(trainingOf(client)));
  const plan = { ...lifts.find((lift) => lift.liftId === liftId)!, loadG: 60_000 };
  return { ...noMemory, plan, lastDone: '2026-11-18T10:00:00.000Z' };
}

describe('a day of a block', () => {
  it('asks only for what is open, and loads only what is here, for anyone', () => {
    fc.assert(
      fc.property(
        fc.record({
          trainingMonths: fc.integer({ min: 0, max: 60 }),
          years: fc.integer({ min: 15, max: 75 }),
          template: fc.nat({ max: templates.length - 1 }),
          days: fc.integer({ min: 1, max: 3 }),
          flagged: fc.constantFrom<Flag['place'] | null>(
            'hand',
            'knee',
            'low back',
            'shoulder',
            null,
          ),
        }),
        ({ trainingMonths, years, template, days, flagged }) => {
          const client = clientWith({
            trainingMonths,
            birthDate: `${2026 - years}-01-01`,
            flags: flagged ? [flagOn(flagged)] : [],
            blocks: [blockOf(template, days)],
          });
          const draft = draftLoads(draftInputFor(trainingOf(client)));
          expect(draft.block).toEqual({ blockId: 'block', week: 0, day: 0 });
          for (const plan of draft.lifts) {
            const lift = liftById(plan.liftId);
            expect(isClosed(liftLimit(client, lift, NOW))).toBe(false);
            const loads = loadables(garage, plan.implement);
            expect(atOrBelow(loads, plan.loadG)?.loadG).toBe(plan.loadG);
            const context = { now: NOW, faults: [] };
            if (!plan.counted) expect(openReps(client, lift, plan.reps, context)).toBe(plan.reps);
          }
        },
      ),
      { numRuns: 60 },
    );
  });

  it('is the same plan for the same log, wherever it is worked out', () => {
    const client = clientWith({ blocks: [blockOf(0, 2)] });
    const again = JSON.parse(JSON.stringify(client)) as CoachedClient;
    const drafted = (who: CoachedClient) => draftLoads(draftInputFor(trainingOf(who)));
    expect(drafted(again)).toEqual(drafted(client));
    const block = client.blocks![0]!;
    const view = blockView(trainingOf(client), block);
    expect(blockView(trainingOf(again), again.blocks![0]!)).toEqual(view);
    // What is projected for the next day is what its session holds.
    for (const plan of drafted(client).lifts) {
      const [day] = view.lifts.find(({ liftId }) => liftId === plan.liftId)!.days;
      expect(day!.projected).toMatchObject({ loadG: plan.loadG, ask: { reps: plan.reps } });
    }
  });

  it('waits while its weeks are turned down, in which each pattern is kept once', () => {
    const less = { from: '2026-11-22', to: '2026-11-29', reason: 'holiday' as const };
    const client = clientWith({ blocks: [blockOf(0, 2)], turnedDown: [less] });
    expect(blockToday(client, NOW)).toBeNull();
    const { lifts, block } = draftLoads(draftInputFor(trainingOf(client)));
    expect(block).toBeUndefined();
    expect(lifts.map(({ sets }) => sets)).toEqual(lifts.map(() => 2));
    const patterns = lifts.map(({ liftId }) => liftById(liftId).pattern);
    expect(new Set(patterns).size).toBe(patterns.length);
  });

  it.each([
    // An evening of the last day, and the morning after it, while UTC has the other day already or still.
    ['America/Los_Angeles', '2026-11-25T07:30:00.000Z', '2026-11-25T16:00:00.000Z'],
    ['Pacific/Auckland', '2026-11-24T10:30:00.000Z', '2026-11-24T18:00:00.000Z'],
    // Before and after midnight of a day that has 25 hours.
    ['America/Los_Angeles', '2026-11-02T07:30:00.000Z', '2026-11-02T08:30:00.000Z'],
  ])('ends to be turned down with the studio’s day in %s, at %s', (zone, evening, morning) => {
    setStudioZone(zone);
    const last = studioDay(evening);
    const less = { from: dayPlus(last, -6), to: last, reason: 'holiday' as const };
    const client = clientWith({ blocks: [blockOf(0, 2)], turnedDown: [less] });
    const turnedDownAt = (now: string) =>
      draftInputFor({ ...trainingOf(client), now }).turnedDown !== undefined;
    expect([turnedDownAt(evening), turnedDownAt(morning)]).toEqual([true, false]);
  });
});

describe('a hand that cannot grip', () => {
  const whole = clientWith();
  const history = {
    ...emptyHistory,
    lifts: { 'romanian-deadlift': remembered(whole, 'romanian-deadlift') },
  };

  it('is trained round: another of the pattern stands in, without a grip, the same each time', () => {
    const client = clientWith({ flags: [flagOn('hand')], history });
    const { lifts, closed } = draftLoads(draftInputFor(trainingOf(client)));
    const standing = lifts.find(({ standsFor }) => standsFor === 'romanian-deadlift')!;
    const lift = liftById(standing.liftId);
    expect(lift.stress.some(({ joint }) => joint === 'hand')).toBe(false);
    expect(closed.map(({ liftId }) => liftId)).toContain('romanian-deadlift');
    const known = {
      ...emptyHistory,
      lifts: { ...history.lifts, [lift.id]: { ...noMemory, lastDone: NOW } },
    };
    const later = draftLoads(draftInputFor(trainingOf({ ...client, history: known })));
    expect(later.lifts.some(({ liftId }) => liftId === lift.id)).toBe(true);
  });

  it('comes back lighter once it is cleared', () => {
    const client = clientWith({ flags: [flagOn('hand', 'cleared')], history });
    const { lifts } = draftLoads(draftInputFor(trainingOf(client)));
    const back = lifts.find(({ liftId }) => liftId === 'romanian-deadlift')!;
    expect(back.wayBack).toEqual({ place: 'hand', side: 'right', step: 0 });
    expect(back.loadG).toBeLessThan(memoryOf(history, 'romanian-deadlift').plan!.loadG);
    expect(back.standsFor).toBeUndefined();
  });
});

describe('a block with a lift that is closed', () => {
  it('shows the days of the lift that stands in for it, done and to come', () => {
    const block = blockOf(0, 1);
    const client = clientWith({ blocks: [block], flags: [flagOn('hand')] });
    const view = blockView(trainingOf(client), block);
    const row = view.lifts.find(({ liftId }) => liftId === 'romanian-deadlift')!;
    expect(row.closed).not.toBeNull();
    expect(row.standIn).not.toBeNull();
    expect(row.days.every(({ projected }) => projected !== null)).toBe(true);
    const standIn = liftById(row.standIn!);
    expect(standIn.stress.some(({ joint }) => joint === 'hand')).toBe(false);

    const done = { loadG: 20_000, reps: 8, sets: 3, asPlanned: true, standsFor: row.liftId };
    const first = { sessionId: 's', at: NOW, week: 0, day: 0, lifts: { [standIn.id]: done } };
    const history = { ...emptyHistory, blocks: { block: [first] } };
    const later = blockView(trainingOf({ ...client, history }), block);
    const [was, next] = later.lifts.find(({ liftId }) => liftId === row.liftId)!.days;
    expect(was).toMatchObject({ done, standIn: standIn.id });
    expect(next!.projected).not.toBeNull();
  });
});

describe('a block that goes no further', () => {
  const block = blockOf(0, 2);
  const light = {
    ...remembered(clientWith(), 'back-squat').plan!,
    cell: { blockId: 'block', week: 1, day: 1 },
    scheme: 'wave' as const,
    reps: 6,
    sets: 2,
    loadG: 54_000,
    heavyG: 60_000,
  };
  const history = {
    ...emptyHistory,
    lifts: { 'back-squat': { ...noMemory, plan: light, lastDone: NOW } },
  };
  const squatWith = (change: Partial<CoachedClient>) =>
    draftLoads(draftInputFor(trainingOf(clientWith({ history, ...change })))).lifts.find(
      ({ liftId }) => liftId === 'back-squat',
    )!;

  it.each([
    ['is ended', [{ ...block, endedAt: NOW }]],
    ['holds it no more', [{ ...block, lifts: block.lifts.slice(1), endedAt: NOW }]],
  ])(
    'hands a lift over in its usual reps and the sets of a heavy day where it %s',
    (_how, blocks) => {
      const plan = squatWith({ blocks });
      expect(plan.cell).toBeUndefined();
      expect(plan.scheme).toBeUndefined();
      expect(plan.reps).toBeGreaterThanOrEqual(plan.repRange.low);
      expect(plan.sets).toBe(blocks[0]!.lifts.length === block.lifts.length ? 3 : 2);
      expect(plan.loadG).not.toBe(light.loadG);
      expect(plan.why).toMatchObject({ code: 'after-block', sets: plan.sets, reps: plan.reps });
    },
  );

  it('hands a lift over where the block was taken back', () => {
    const plan = squatWith({ blocks: [] });
    expect(plan.cell).toBeUndefined();
    expect(plan.reps).toBeGreaterThanOrEqual(plan.repRange.low);
  });

  it('keeps a lift for the block that goes on', () => {
    expect(squatWith({ blocks: [block] }).cell).toMatchObject({ week: 0, day: 0 });
  });

  it('hands nothing over while its weeks are turned down, of a lift or of what stands in for it', () => {
    const less = { from: '2026-11-23', to: '2026-12-06', reason: 'exams' as const };
    const client = clientWith({ blocks: [block], flags: [flagOn('hand')], turnedDown: [less] });
    const trained = (liftId: string) => {
      const plan = { ...remembered(clientWith(), liftId).plan!, cell: light.cell };
      return [liftId, { ...noMemory, plan, lastDone: NOW }] as const;
    };
    const doing = draftLoads(draftInputFor(trainingOf(client))).lifts;
    expect(doing.some(({ standsFor }) => standsFor !== undefined)).toBe(true);
    const lifts = Object.fromEntries(doing.map(({ liftId }) => trained(liftId)));
    const input = draftInputFor(trainingOf({ ...client, history: { ...emptyHistory, lifts } }));
    expect(input.turnedDown).toEqual(less);
    expect(input.asked).toBeUndefined();
  });
});

describe('a lift that was stepped down', () => {
  const plan = { ...remembered(clientWith(), 'back-squat').plan!, stepDown: 'goblet-squat' };
  const clean = (at: string) => ({ sessionId: at, at, sets: [{ loadG: 1, reps: 8, marks: [] }] });
  const stepped = (marked: LiftMemory['marked']) =>
    clientWith({
      history: {
        ...emptyHistory,
        lifts: {
          'back-squat': { ...noMemory, plan, lastDone: '2026-11-10T10:00:00.000Z' },
          'goblet-squat': { ...noMemory, ...(marked && { marked }) },
        },
      },
    });
  const ids = (client: CoachedClient) =>
    draftLoads(draftInputFor(trainingOf(client))).lifts.map(({ liftId }) => liftId);

  it('makes way for the easier one until that was clean twice', () => {
    expect(ids(stepped(undefined))).toContain('goblet-squat');
    expect(ids(stepped(undefined))).not.toContain('back-squat');
    const twice = [clean('2026-11-20T10:00:00.000Z'), clean('2026-11-17T10:00:00.000Z')];
    expect(ids(stepped(twice))).toContain('back-squat');
  });
});

describe('whether a block works', () => {
  it('is too early to say of one that has begun, and keeps it', () => {
    const block = blockOf(0, 2);
    const { advice, lifts, adherence } = isItWorking(
      clientWith({ blocks: [block] }),
      block,
      [],
      NOW,
    );
    expect(advice.change).toBe('nothing');
    expect(adherence).toBe(1);
    expect(lifts.every(({ response }) => response.verdict === 'too early')).toBe(true);
  });
});
