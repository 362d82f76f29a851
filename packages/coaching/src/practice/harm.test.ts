import { catalogueLifts, liftById } from '@spalo/catalog';
import { roomPresets } from '@spalo/catalog/rooms';
import { joints, type Lift } from '@spalo/core/lift';
import { emptyHistory } from '@spalo/core/memory';
import { isClosed, liftLimit, type Flag } from '@spalo/core/person';
import type { Pain } from '@spalo/core/session';
import { whyText } from '@spalo/core/words';
import { draftBlock, templates } from '@spalo/core/blocks';
import fc from 'fast-check';
import { walkOfAnybody } from './anybody.test-help';
import type { CoachedClient } from '../client/client';
import { substitutesFor } from '../programme/substitutes';
import { road, type Played } from './road.test-help';
import { somebody } from './somebody.test-help';

let next = 0;
const id = () => `id-${(next += 1)}`;
const garage = roomPresets[0]!.make(id);
const studio = roomPresets[1]!.make(id);
const MONDAY = '2026-11-02T10:00:00.000Z';
const DAY_MS = 24 * 3600 * 1000;
const later = (days: number) => new Date(Date.parse(MONDAY) + days * DAY_MS).toISOString();

const programme = ['back-squat', 'bench-press', 'leg-press', 'split-squat'];
const clientWith = (change: Partial<CoachedClient> = {}): CoachedClient => ({
  ...somebody,
  sex: 'male',
  bodyMassG: 80_000,
  trainingMonths: 30,
  programme,
  stiff: [],
  history: emptyHistory,
  ...change,
});
/** Somebody of usual strength: so much of what is believed of a lift at first. */
const strong =
  (share = 1) =>
  (liftId: string) =>
    share * 110_000 * liftById(liftId).priorRatio;

const knee = (score: number, side: Pain['side'] = 'right'): Pain => ({
  place: 'knee',
  side,
  kind: 'ache',
  score,
});
const onKnee = (played: Played) =>
  played.planned.filter(({ liftId }) =>
    liftById(liftId).stress.some(({ joint }) => joint === 'knee'),
  );
/** Working sets that were proposed above the plan of the day. */
const aboveCeiling = ({ proposed }: Played) =>
  proposed.filter(
    ({ plan, set }) => set.kind === 'working' && plan.ceiling && set.loadG > plan.ceiling.loadG,
  );
const aboveReps = ({ proposed }: Played) =>
  proposed.filter(
    ({ plan, set }) => set.kind === 'working' && plan.ceiling && set.reps > plan.reps,
  );

describe('pain in the first lift of four', () => {
  it.each([
    ['in their order', (lifts: string[]) => lifts],
    ['from the last', (lifts: string[]) => [...lifts].reverse()],
    ['the one that hurt last', (lifts: string[]) => [...lifts.slice(1), ...lifts.slice(0, 1)]],
  ])('leaves out all lifts on that knee next time, decided %s', (_name, order) => {
    const walk = road(clientWith(), studio);
    walk.play(later(0), { maxG: strong() });
    walk.play(later(3), { maxG: strong(), pains: { 'back-squat': knee(6) }, order });
    const flag = walk.client().flags.find(({ place }) => place === 'knee')!;
    expect(flag).toMatchObject({ degree: 'closed', side: 'right', worst: 6 });
    const after = walk.play(later(6), { maxG: strong() });
    expect(after.closed).toEqual(expect.arrayContaining(['back-squat', 'leg-press']));
    for (const plan of onKnee(after)) {
      // The good side may train, and a substitute that bears nothing of it.
      const open = !isClosed(liftLimit(walk.client(), liftById(plan.liftId), later(6)));
      expect([plan.liftId, open]).toEqual([plan.liftId, true]);
      expect(plan.onlySide).toBe('left');
    }
  });

  it('comes back over more than a week, two days a step, only with the day after told', () => {
    const walk = road(clientWith(), studio);
    walk.play(later(0), { maxG: strong() });
    const before = walk.play(later(3), { maxG: strong(), pains: { 'back-squat': knee(6) } });
    const kneeFlag = walk.client().flags.find(({ place }) => place === 'knee')!;
    walk.play(later(5), { maxG: strong() });
    walk.change({ flags: [{ ...kneeFlag, degree: 'watch' }] });
    const usual = before.planned.find(({ liftId }) => liftId === 'back-squat')!.loadG;
    const loads: [number, number][] = [];
    for (let day = 6; day <= 24; day += 2) {
      const dayAfter = day === 10 ? undefined : ('settled' as const);
      const { planned } = walk.play(later(day), { maxG: strong(), dayAfter });
      const squat = planned.find(({ liftId }) => liftId === 'back-squat')!;
      loads.push([day, squat.wayBack?.step ?? 9]);
      expect(squat.loadG).toBeLessThanOrEqual(usual * 1.1);
    }
    const steps = loads.map(([, step]) => step);
    expect(steps[0]).toBe(0);
    // Nobody told on the tenth day: the step that was asked then is asked again.
    expect(steps[3]).toBe(steps[2]);
    expect(steps.at(-1)).toBe(9);
    const whole = loads.find(([, step]) => step >= 3)!;
    // Closed on the fifth of November, 6 of 10: no whole load for a week.
    expect(later(whole[0]).slice(0, 10) >= '2026-11-12').toBe(true);
  });

  it('is not made more of than it is: 1 is watched, 2 is eased, and the plan waits', () => {
    const walk = road(clientWith(), studio);
    walk.play(later(0), { maxG: strong() });
    const before = walk.play(later(3), { maxG: strong(), pains: { 'back-squat': knee(1) } });
    expect(walk.client().flags).toEqual([]);
    expect(
      onKnee(walk.play(later(6), { maxG: strong(), pains: { 'back-squat': knee(2) } })),
    ).toHaveLength(onKnee(before).length);
    expect(walk.client().flags[0]).toMatchObject({ degree: 'ease' });
    const eased = walk.play(later(9), { maxG: strong() });
    const squat = eased.planned.find(({ liftId }) => liftId === 'back-squat')!;
    expect(squat.eased).toBeDefined();
    expect(squat.loadG).toBeLessThan(squat.eased!.loadG);
    expect(squat.loadG).toBeGreaterThan(squat.eased!.loadG * 0.8);
    const again = walk.play(later(12), { maxG: strong() });
    // Easing does not pile up.
    expect(again.planned.find(({ liftId }) => liftId === 'back-squat')!.eased!.loadG).toBe(
      squat.eased!.loadG,
    );
  });
});

describe('a closed place', () => {
  it.each([...joints])('%s leaves out what loads it, and no substitute does', (place) => {
    const flag: Flag = {
      id: 'flag',
      ...{ place, side: 'both', note: '', fine: '', since: null, saidBy: '' },
      ...{ state: 'new', usualPain: 0, degree: 'closed' },
    };
    const client = clientWith({ flags: [flag] });
    const loads = (lift: Lift) => lift.stress.some(({ joint }) => joint === place);
    const all = catalogueLifts.filter((lift) => isClosed(liftLimit(client, lift, MONDAY)));
    expect(all.length).toBeGreaterThan(3);
    expect(all.every(loads)).toBe(true);
    for (const lift of all) {
      const wish = { person: client, room: studio, taken: [], now: MONDAY };
      expect(substitutesFor(lift, wish).filter((each) => loads(each.lift))).toEqual([]);
    }
  });
});

describe('what may not be exceeded today', () => {
  const block = (template: string) => ({
    ...draftBlock(
      templates.find((each) => each.id === template)!,
      ['back-squat', 'bench-press', 'romanian-deadlift'].map(liftById),
      { from: '2026-11-09', days: 2 },
    ),
    id: 'block',
    startId: 'block',
    clientId: 'client',
    trainerId: 'trainer',
    startedAt: later(5),
    leftOut: [],
    endedAt: null,
  });

  it('is not exceeded by any proposal on light days, in lighter weeks, after time away, with flags, for minors', () => {
    const reduced = { light: 0, less: 0, away: 0, eased: 0, minor: 0 };
    fc.assert(
      fc.property(
        fc.record({
          share: fc.double({ min: 0.7, max: 1.6, noNaN: true }),
          grown: fc.double({ min: 0.8, max: 1.5, noNaN: true }),
          days: fc.constantFrom(3, 12, 24, 45, 70, 200),
          kind: fc.constantFrom('light', 'less', 'away', 'eased', 'minor'),
          template: fc.constantFrom('wave', 'long-wave', 'steady'),
        }),
        ({ share, grown, days, kind, template }) => {
          const walk = road(
            clientWith({
              programme: ['back-squat', 'bench-press', 'romanian-deadlift'],
              ...(kind === 'minor' && { birthDate: '2011-05-01', bodyMassG: 60_000 }),
            }),
            garage,
          );
          walk.play(later(0), { maxG: strong(share) });
          walk.play(later(3), { maxG: strong(share) });
          if (kind === 'light') walk.change({ blocks: [block(template)] });
          if (kind === 'less')
            walk.change({
              turnedDown: [{ from: '2026-11-08', to: '2027-11-08', reason: 'ill' }],
            });
          if (kind === 'eased') {
            const flag: Flag = {
              id: 'flag',
              ...{ place: 'knee', side: 'left', note: '', fine: '', since: null, saidBy: '' },
              ...{ state: 'new', usualPain: 0, degree: 'ease' },
            };
            walk.change({ flags: [flag] });
          }
          const from = kind === 'away' ? days : 4;
          for (const session of [0, 3]) {
            const played = walk.play(later(3 + from + session), { maxG: strong(share * grown) });
            for (const plan of played.planned) {
              if (!plan.ceiling) continue;
              if (plan.ceiling.reason === 'light day') reduced.light += 1;
              if (plan.ceiling.reason === 'lighter week') reduced.less += 1;
              if (plan.ceiling.reason === 'absence') reduced.away += 1;
              if (plan.ceiling.reason === 'flag') reduced.eased += 1;
              if (plan.ceiling.reason === 'minor') reduced.minor += 1;
            }
            expect(aboveCeiling(played)).toEqual([]);
            expect(aboveReps(played)).toEqual([]);
          }
        },
      ),
      {
        numRuns: 60,
        // A climb that goes on past its planned sets, found once in two thousand.
        examples: [
          [
            {
              share: 0.8228114478114466,
              grown: 0.8000000000000013,
              days: 70,
              kind: 'away',
              template: 'wave',
            },
          ],
        ],
      },
    );
    // Each kind of less was really there.
    for (const count of Object.values(reduced)) expect(count).toBeGreaterThan(0);
  }, 120_000);
});

describe('anybody, anywhere', () => {
  it('is never asked for what a flag, a ceiling, an age, a caution or a lock leaves out', () => {
    let [sessions, trained] = [0, 0];
    fc.assert(
      fc.property(fc.nat({ max: 1_000_000 }), (seed) => {
        const walk = walkOfAnybody(seed);
        sessions += walk.sessions;
        trained += walk.trained;
        expect(walk.found).toEqual([]);
      }),
      { numRuns: 150 },
    );
    expect(trained).toBeGreaterThan(sessions / 2);
  }, 120_000);

  it('goes back to how long a hold was by the same steps', () => {
    const walk = road(clientWith({ programme: ['side-plank'] }), studio);
    walk.play(later(0), { maxG: strong() });
    const sore: Pain = { place: 'shoulder', side: 'right', kind: 'ache', score: 6 };
    const before = walk.play(later(3), { maxG: strong(), pains: { 'side-plank': sore } });
    const whole = before.planned[0]!.reps;
    const flag = walk.client().flags.find(({ place }) => place === 'shoulder')!;
    walk.change({ flags: [{ ...flag, state: 'cleared' }] });
    const held = [14, 17, 20, 23].map((day) => {
      const { planned } = walk.play(later(day), { maxG: strong(), dayAfter: 'settled' });
      return planned[0]!.reps / whole;
    });
    for (const [at, share] of [0.7, 0.8, 0.9, 1].entries())
      expect(Math.abs(held[at]! - share)).toBeLessThan(0.04);
  });
});

describe('plans that ignore nobody', () => {
  it.each([
    ['fifteen', { birthDate: '2011-05-01' }],
    ['seventy-one and new', { birthDate: '1955-05-01', trainingMonths: 2 }],
  ])(
    'ask twelve reps and more with 3 left of somebody of %s, in any block',
    (_who, change) => {
      for (const template of templates) {
        const lifts = ['back-squat', 'bench-press', 'romanian-deadlift'];
        const blocks = [
          {
            ...draftBlock(template, lifts.map(liftById), { from: '2026-11-02', days: 2 }),
            ...{ id: 'block', startId: 'block', clientId: 'c', trainerId: 't' },
            ...{ startedAt: MONDAY, leftOut: [], endedAt: null },
          },
        ];
        const walk = road(clientWith({ ...change, programme: lifts, blocks }), studio);
        for (const day of [0, 3, 7, 10, 14, 17, 21]) {
          for (const plan of walk.play(later(day), { maxG: strong(0.6) }).planned) {
            if (plan.counted) continue;
            expect([template.id, plan.liftId, plan.reps >= 12]).toEqual([
              template.id,
              plan.liftId,
              true,
            ]);
            expect(plan.targetRir).toBeGreaterThanOrEqual(3);
          }
        }
      }
    },
    120_000,
  );

  it('propose an easier lift where the lightest load here is too heavy', () => {
    const old = clientWith({
      sex: 'female',
      bodyMassG: 52_000,
      birthDate: '1951-05-01',
      trainingMonths: 1,
      programme: ['bench-press', 'pull-up'],
    });
    const walk = road(old, studio);
    const first = walk.play(later(0), { maxG: (liftId) => 9_000 * liftById(liftId).priorRatio });
    expect(first.planned.map(({ liftId }) => liftId)).not.toContain('pull-up');
    const then = walk.play(later(3), { maxG: (liftId) => 9_000 * liftById(liftId).priorRatio });
    expect(then.planned.map(({ liftId }) => liftId)).not.toContain('bench-press');
    for (const plan of then.planned.filter(({ standsFor }) => standsFor !== undefined))
      expect(whyText(plan.why, 'kg')).toMatch(/^Nothing is light enough here/);
  });

  it('draw nothing from a load that was typed ten times too high', () => {
    const walk = road(clientWith({ programme: ['bench-press'] }), studio);
    for (const day of [0, 3, 6]) walk.play(later(day), { maxG: strong() });
    const usual = walk.play(later(9), { maxG: strong() });
    const most = Math.max(...usual.proposed.map(({ set }) => set.loadG));
    let typing = true;
    const typed = (loadG: number) => (typing && loadG > 30_000 ? loadG * 10 : loadG);
    const slip = walk.play(later(12), {
      maxG: strong(),
      typed: (loadG) => {
        const said = typed(loadG);
        typing = typing && said === loadG;
        return said;
      },
    });
    for (const { set } of slip.proposed) expect(set.loadG).toBeLessThanOrEqual(most * 1.15);
    const [next] = walk.play(later(15), { maxG: strong() }).planned;
    expect(next!.loadG).toBeLessThanOrEqual(most * 1.15);
  });
});
