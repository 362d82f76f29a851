import fc from 'fast-check';
import { loadables } from '../loads/loadables';
import { atOrBelow, stepUp } from '../loads/loads';
import { CAP } from '../lift/cap';
import { withDay } from '../memory/block-memory';
import { startingBelief, takeSets } from '../strength/replay';
import { profileOf } from '../strength/profile';
import type { PastSet } from '../strength/past-set';
import { draftSession } from '../planning/draft';
import { planOf } from '../session/plan';
import { kg, lifts, NOW, person, room, row, squat } from '../test/fixtures';
import { input, log } from '../test/log';
import { askOf, type BlockState } from './block';
import { planAsked } from './asked-plan';
import { daysOf, nextDay } from './days';
import { blockEvent, type BlockEventType, type BlockPayloads } from './events';
import { blockAfter, changeOf } from './follow';
import { projectDays } from './project';
import { reduceBlock } from './reduce';
import { draftBlock, templates } from './templates';
import { calendarOf, weeksMoved } from './weeks';

const [wave] = templates;
const plan = draftBlock(wave!, [squat, row], { from: '2026-11-23', days: 2 });

/** A block's log whose ids rise with every event, a minute apart. */
function blockLog() {
  const events: ReturnType<typeof blockEvent>[] = [];
  const add = <T extends BlockEventType>(type: T, payload: BlockPayloads[T]) => {
    const id = `e-${String(events.length).padStart(4, '0')}`;
    const at = new Date(Date.parse(NOW) + events.length * 60_000).toISOString();
    const envelope = { id, streamId: 'block', at, author: 'trainer', device: 'device' };
    events.push(blockEvent(envelope, type, payload));
    return id;
  };
  add('block.started', { clientId: 'c', plan });
  return { events, add, state: () => reduceBlock(events)! };
}

const doneOn = (week: number, day: number, at: string) => ({
  sessionId: `${week}-${day}`,
  at,
  week,
  day,
  lifts: {},
});

describe('the log of a block', () => {
  it('tells what was drafted and changed, in any order of arrival', () => {
    const { events, add, state } = blockLog();
    add('block.asked', {
      liftId: squat.id,
      week: 1,
      day: 0,
      ask: { sets: 4, reps: 6, targetRir: 1 },
    });
    add('block.asked', { liftId: row.id, week: 0, day: 1, ask: null });
    add('block.lift-left-out', { liftId: 'nobody' });
    add('block.day-left-out', { week: 0, day: 0, leftOut: true });
    add('block.named', { name: 'Before the regatta' });
    expect(askOf(state(), squat.id, { week: 1, day: 0 })).toMatchObject({ sets: 4 });
    expect(askOf(state(), row.id, { week: 0, day: 1 })).toBeNull();
    expect(state()).toMatchObject({ name: 'Before the regatta', leftOut: [{ week: 0, day: 0 }] });
    fc.assert(
      fc.property(fc.shuffledSubarray(events, { minLength: events.length }), (arrived) => {
        expect(reduceBlock([...arrived, ...arrived])).toEqual(state());
      }),
    );
  });

  it('takes back whatever was a mistake', () => {
    const { events, add, state } = blockLog();
    const told = state();
    for (const [type, payload] of [
      ['block.asked', { liftId: squat.id, week: 0, day: 0, ask: null }],
      ['block.lift-left-out', { liftId: squat.id }],
      ['block.lift-planned', { lift: { ...plan.lifts[0]!, scheme: 'linear' } }],
      ['block.day-left-out', { week: 0, day: 0, leftOut: true }],
      ['block.named', { name: 'x' }],
      ['block.keenness-told', { keenness: 'tired of it' }],
      ['block.ended', { ended: true }],
    ] as [BlockEventType, never][]) {
      const id = add(type, payload);
      expect(state()).not.toEqual(told);
      add('entries.withdrawn', { eventIds: [id], withdrawn: true });
      expect(state()).toEqual(told);
    }
    add('entries.withdrawn', { eventIds: [state().startId], withdrawn: true });
    expect(reduceBlock(events)).toBeNull();
  });
});

describe('the days of a block', () => {
  const block = blockLog().state();

  it('come one after the other; what was missed comes next, what is left out does not', () => {
    expect(nextDay(block, [])).toMatchObject({ week: 0, day: 0 });
    expect(nextDay(block, [{ week: 0, day: 0 }])).toMatchObject({ week: 0, day: 1 });
    const left = { ...block, leftOut: [{ week: 0, day: 1 }] };
    expect(nextDay(left, [doneOn(0, 0, NOW)])).toMatchObject({ week: 1, day: 0 });
    expect(nextDay({ ...block, endedAt: NOW }, [])).toBeNull();
    const all = daysOf(block).map(({ week, day }) => doneOn(week, day, NOW));
    expect(nextDay(block, all)).toBeNull();
  });

  it('move by the weeks that were missed or turned down', () => {
    const onTime = calendarOf(block, [], '2026-11-24');
    expect(onTime.map(({ from }) => from)).toEqual([
      '2026-11-23',
      '2026-11-30',
      '2026-12-07',
      '2026-12-14',
    ]);
    expect(weeksMoved(block, onTime)).toBe(0);
    const done = [
      doneOn(0, 0, '2026-11-24T10:00:00.000Z'),
      doneOn(0, 1, '2026-11-26T10:00:00.000Z'),
    ];
    // A week without a session, and one for the holiday.
    const turnedDown = [{ from: '2026-12-14', to: '2026-12-20', reason: 'holiday' as const }];
    const late = calendarOf(block, done, '2026-12-08', turnedDown);
    const away = turnedDown.map((week) => ({ ...week, away: true as const }));
    const without = calendarOf(block, done, '2026-12-08', away);
    expect(without.map(({ from, kind }) => [from, kind])).toEqual(
      late.map(({ from, kind }) => [from, kind]),
    );
    expect(late.map((week) => (week.kind === 'block' ? week.week : week.why.reason))).toEqual([
      0,
      1,
      'holiday',
      2,
      3,
    ]);
    expect(weeksMoved(block, late)).toBe(2);
  });

  it('always lie in order, each week of the block once, whatever was done, missed and turned down', () => {
    const someDay = fc
      .integer({ min: 0, max: 90 })
      .map((days) => new Date(Date.parse('2026-11-23') + days * 86_400_000).toISOString());
    fc.assert(
      fc.property(
        fc.array(someDay, { maxLength: 8 }),
        fc.array(fc.tuple(someDay, fc.nat({ max: 20 })), { maxLength: 3 }),
        someDay,
        (at, off, today) => {
          const done = [...at].sort().map((day, n) => doneOn(Math.floor(n / 2), n % 2, day));
          const turnedDown = off.map(([from, days]) => ({
            from: from.slice(0, 10),
            to: new Date(Date.parse(from) + days * 86_400_000).toISOString().slice(0, 10),
            reason: 'busy' as const,
          }));
          const weeks = calendarOf(block, done, today.slice(0, 10), turnedDown);
          const own = weeks.flatMap((week) => (week.kind === 'block' ? [week.week] : []));
          expect(own).toEqual([0, 1, 2, 3]);
          const starts = weeks.map(({ from }) => from);
          expect([...starts].sort()).toEqual(starts);
        },
      ),
    );
  });
});

/** A client who has done some sets of the squat. */
function believing(loadKg: number) {
  const belief = startingBelief(person, lifts, NOW);
  const sets: PastSet[] = [0, 1, 2].map((n) => ({
    id: `s${n}`,
    liftId: squat.id,
    sessionId: 'one',
    at: NOW,
    loadG: kg(loadKg),
    reps: 8,
    cleanReps: 8,
    rir: 2,
    bearing: 'counts',
  }));
  takeSets(belief, person, sets, NOW);
  return profileOf(belief, person, NOW);
}

const drafted = planOf(
  draftSession({ ...input, person: { ...person, trainingMonths: 30 } }).lifts[0]!,
);
const base = {
  ...drafted,
  implement: { kind: 'barbell', barId: 'bar-20' } as const,
  loadG: kg(60),
  reps: 8,
  targetRir: 2,
};
const loads = loadables(room, base.implement);
const at = { lift: squat, loads, unit: 'kg' as const, careful: false, strength: believing(60) };
const cell = { blockId: 'block', week: 1, day: 0 };

describe('a plan for a day of a block', () => {
  it('climbs as the reps fall, and is lighter on a light day', () => {
    const loadFor = (reps: number, share?: number) =>
      planAsked(
        base,
        { cell, doneG: null, ask: { sets: 3, reps, targetRir: 2, ...(share && { share }) } },
        at,
      ).loadG;
    expect(loadFor(5)).toBeGreaterThan(loadFor(6));
    expect(loadFor(6)).toBeGreaterThan(loadFor(8));
    expect(loadFor(6, 0.9)).toBeLessThan(loadFor(6));
  });

  it('is never under the last clean load for as many reps', () => {
    const ask = { sets: 3, reps: 8, targetRir: 2 };
    const careful = { ...at, strength: believing(50) };
    const free = planAsked(base, { cell, doneG: null, ask }, careful).loadG;
    expect(planAsked(base, { cell, doneG: kg(62.5), ask }, careful).loadG).toBe(kg(62.5));
    expect(free).toBeLessThan(kg(62.5));
  });

  it('keeps to the room, the cap and what is asked, for anyone and any day', () => {
    fc.assert(
      fc.property(
        fc.record({
          loadKg: fc.integer({ min: 25, max: 120 }),
          believedKg: fc.integer({ min: 25, max: 150 }),
          reps: fc.integer({ min: 3, max: 15 }),
          sets: fc.integer({ min: 1, max: 6 }),
          targetRir: fc.integer({ min: 0, max: 4 }),
          share: fc.option(fc.constant(0.9), { nil: undefined }),
        }),
        ({ loadKg, believedKg, reps, sets, targetRir, share }) => {
          const from = { ...base, loadG: atOrBelow(loads, kg(loadKg))!.loadG };
          const with_ = { ...at, strength: believing(believedKg) };
          const ask = { sets, reps, targetRir, ...(share !== undefined && { share }) };
          const next = planAsked(from, { cell, doneG: null, ask }, with_);
          expect(next).toMatchObject({ sets, targetRir, cell });
          // More than asked only where the next load is a long step away, and then no more than bridge it.
          const step = stepUp(loads, next.loadG);
          const isLong = step !== null && step.loadG >= Math.floor(next.loadG * 1.1);
          expect(next.reps).toBeGreaterThanOrEqual(reps);
          expect(next.reps).toBeLessThanOrEqual(isLong ? reps + 10 : reps);
          expect(next.reps).toBeGreaterThanOrEqual(next.repRange.low);
          expect(next.reps).toBeLessThanOrEqual(next.repRange.high);
          expect(atOrBelow(loads, next.loadG)!.loadG).toBe(next.loadG);
          const outlook = with_.strength.outlook(squat, targetRir, 'another');
          const same =
            from.loadG *
            Math.exp(
              outlook.limit(reps + targetRir, 0).mu -
                outlook.limit(from.reps + from.targetRir, 0).mu,
            );
          // One step more where steps are coarser than the cap.
          expect(next.loadG).toBeLessThanOrEqual(
            Math.max(same * (1 + CAP.lower), same + 2 * kg(2.5)),
          );
        },
      ),
    );
  });
});

describe('the days to come', () => {
  const days = [8, 6, 5, 4].map((reps, week) => ({
    cell: { ...cell, week },
    ask: { sets: 3, reps, targetRir: 2 },
    doneG: null,
    weeksAhead: week,
  }));

  it('each have a load that climbs and a chance, the less sure the farther away', () => {
    const ahead = projectDays(base, days, at);
    const climbing = ahead.map(({ loadG }) => loadG);
    expect([...climbing].sort((a, b) => a - b)).toEqual(climbing);
    for (const { chance } of ahead) {
      expect(chance).toBeGreaterThan(0);
      expect(chance).toBeLessThan(1);
    }
  });

  it('say where a day asks too much', () => {
    const heavy = { ...base, loadG: kg(100) };
    const [first] = projectDays(
      heavy,
      [{ ...days[0]!, ask: { sets: 6, reps: 12, targetRir: 0 } }],
      at,
    );
    expect(first!.chance).toBeLessThan(0.5);
  });
});

describe('the block after a block', () => {
  const block: BlockState = blockLog().state();

  it('keeps all but the one thing that is changed', () => {
    const same = blockAfter(block, '2026-12-21', 'nothing', null, 'Kept as it was');
    expect(same.lifts).toEqual(block.lifts);
    const more = blockAfter(
      block,
      '2026-12-21',
      'one set more',
      [squat.id],
      'A set more of the squat',
    );
    expect(askOf(more, squat.id, { week: 0, day: 0 })!.sets).toBe(4);
    expect(askOf(more, row.id, { week: 0, day: 0 })).toEqual(
      askOf(block, row.id, { week: 0, day: 0 }),
    );
    const changed = 'A set more of the squat';
    expect(more.follows).toEqual({ blockId: 'block', change: 'one set more', changed });
    expect([block, same, more].map(changeOf)).toEqual([null, 'nothing', 'one set more']);
  });

  it.each([
    ['One set more: Back squat', 'one set more'],
    ['Heavier, with fewer reps: Back squat', 'fewer reps'],
    ['Fewer reps in all lifts', 'fewer reps'],
    ['Lighter, with more reps: Row', 'more reps'],
    ['Another scheme in all lifts', 'scheme'],
    ['Kept as it was', 'nothing'],
  ])('reads what an older block says of itself: %s', (changed, change) => {
    expect(changeOf({ follows: { blockId: 'block', changed } })).toBe(change);
  });
});

describe('what was done of a day', () => {
  it('is kept with whether it went as planned', () => {
    const session = log();
    session.warmUp();
    for (let set = 0; set < 3; set += 1) session.set();
    const state = { ...session.state(), block: { blockId: 'b', week: 0, day: 1 } };
    const [day] = withDay(undefined, state)!.b!;
    expect(day).toMatchObject({ week: 0, day: 1 });
    expect(day!.lifts[squat.id]).toMatchObject({ sets: 3, asPlanned: true });
    expect(withDay(undefined, session.state())).toBeUndefined();
  });
});
