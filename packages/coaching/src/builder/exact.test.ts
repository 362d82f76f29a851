import { allLifts } from '@spalo/catalog';
import { muscles, type Lift } from '@spalo/core/lift';
import {
  buildSession,
  coverOfWeek,
  inBestOrder,
  limitsOf,
  merits,
  tiresBefore,
  weeklySets,
  worthIn,
  type BuildAsk,
  type Candidate,
  type Chosen,
  type Solve,
} from '@spalo/core/builder';
import fc from 'fast-check';
import loadHighs from 'highs';
import { coverById } from './build-ask';
import { solveBy } from './highs-solver';

let solve: Solve;
beforeAll(async () => {
  solve = solveBy(await loadHighs());
});

const someMerits = fc.subarray([...merits]);

/** Some lifts of the catalogue with times, merits and limits of all kinds; small enough to try every choice. */
const asks = fc
  .record({
    lifts: fc.uniqueArray(fc.constantFrom(...allLifts()), {
      minLength: 1,
      maxLength: 7,
      selector: ({ id }) => id,
    }),
    done: fc.array(
      fc.record({
        lift: fc.constantFrom(...allLifts()),
        sets: fc.integer({ min: 1, max: 5 }),
        day: fc.constant('2026-11-23'),
      }),
      { maxLength: 4 },
    ),
    each: fc.array(
      fc.record({
        base: fc.nat(500),
        set: fc.integer({ min: 60, max: 300 }),
        isNew: fc.boolean(),
        merits: someMerits,
      }),
      { minLength: 7, maxLength: 7 },
    ),
    seconds: fc.integer({ min: 300, max: 4000 }),
    mostNew: fc.nat(3),
    sessionsLeft: fc.integer({ min: 1, max: 3 }),
    firstYear: fc.boolean(),
    focus: fc.subarray([...muscles], { maxLength: 2 }),
    fixed: fc.nat(2),
    banned: fc.nat(2),
    place: fc.option(fc.nat(4), { nil: undefined }),
    steadyFirst: fc.boolean(),
  })
  .map(({ lifts, each, done, firstYear, fixed, banned, place, ...rest }): BuildAsk => {
    const candidates = lifts.map((lift, at): Candidate => {
      const { base, set, isNew, merits: own } = each[at]!;
      return { lift, seconds: [base + 2 * set, base + 3 * set], isNew, merits: own };
    });
    const ids = lifts.map(({ id }) => id);
    return {
      ...rest,
      candidates,
      shut: [],
      setChoice: [2, 3],
      week: coverOfWeek(done),
      weeklySets: weeklySets(firstYear),
      fixed: ids.slice(0, fixed).map((liftId, at) => ({
        liftId,
        ...(at === 0 && place !== undefined && { place }),
        ...(at === 1 && { sets: 3 }),
      })),
      banned: ids.slice(-banned, ids.length).filter(() => banned > 0),
    };
  });

/** The most that any choice of lifts and sets is worth; null where none keeps the limits. */
function bestByTrying(ask: BuildAsk): number | null {
  let best: number | null = null;
  const keepsLimits = limitsOf(ask);
  const worthOf = worthIn(ask);
  const tried = (choice: Chosen[], at: number) => {
    const candidate = ask.candidates[at];
    if (candidate) {
      tried(choice, at + 1);
      for (const sets of ask.setChoice)
        tried([...choice, { liftId: candidate.lift.id, sets }], at + 1);
      return;
    }
    const has = ({ liftId }: { liftId: string }) => choice.some((each) => each.liftId === liftId);
    if (choice.length === 0 || !ask.fixed.every(has) || !keepsLimits(choice)) return;
    const { points } = worthOf(choice);
    if (best === null || points > best) best = points;
  };
  tried([], 0);
  return best;
}

describe('a built session', () => {
  it('is worth as much as the best of all choices, and keeps every limit', () => {
    fc.assert(
      fc.property(asks, (ask) => {
        const built = buildSession(ask, solve, coverById);
        const best = bestByTrying(ask);
        if ('lacks' in built) {
          // An empty session may be worth more than any other: then it is said what a lift needs.
          if (best !== null) expect(worthIn(ask)([]).points).toBeGreaterThanOrEqual(best - 1e-6);
          return;
        }
        const { lifts, points } = built.session;
        expect(points).toBeCloseTo(best!, 4);
        const choice = lifts.map(({ liftId, sets }) => ({ liftId, sets }));
        expect(limitsOf(ask)(choice)).toBe(true);
        for (const { liftId } of ask.fixed)
          expect(lifts.some((l) => l.liftId === liftId)).toBe(true);
        // What could stand instead is never better, but where the trainer chose.
        const own = lifts.filter(({ liftId }) => !ask.fixed.some((f) => f.liftId === liftId));
        for (const { instead } of own)
          for (const other of instead) expect(other.less).toBeGreaterThanOrEqual(-1e-6);
      }),
      { numRuns: 300 },
    );
  });
});

describe('the order of lifts', () => {
  const items = fc
    .uniqueArray(fc.constantFrom(...allLifts()), {
      minLength: 1,
      maxLength: 6,
      selector: ({ id }) => id,
    })
    .map((lifts) => lifts.map((lift) => ({ lift, isNew: false })));
  const allOrders = <T>(list: T[]): T[][] =>
    list.length <= 1
      ? [list]
      : list.flatMap((one) =>
          allOrders(list.filter((each) => each !== one)).map((rest) => [one, ...rest]),
        );
  const keeps = (order: { lift: Lift }[]) =>
    order.every(
      (_, at) => at < 2 || !tiresBefore(order[at - 2]!.lift, order[at - 1]!.lift, order[at]!.lift),
    );

  it('never tires a small part twice right before the big lift that needs it, and exists where any does', () => {
    fc.assert(
      fc.property(items, (lifts) => {
        const order = inBestOrder(lifts);
        if (order) {
          expect(keeps(order)).toBe(true);
          expect(new Set(order)).toEqual(new Set(lifts));
        } else expect(allOrders(lifts).some(keeps)).toBe(false);
      }),
      { numRuns: 100 },
    );
  });

  it('puts a lift where the trainer put it', () => {
    fc.assert(
      fc.property(items, fc.nat(5), (lifts, place) => {
        const [first, ...rest] = lifts;
        const order = inBestOrder([{ ...first!, place }, ...rest]);
        if (order) expect(order[Math.min(place, lifts.length - 1)]!.lift).toBe(first!.lift);
      }),
      { numRuns: 100 },
    );
  });
});
