import fc from 'fast-check';
import { plate } from '../test/fixtures';
import { sleeveOf } from './sleeve';
import { pathBounds } from './bounds';
import { MOVE, plateKinds } from './kinds';
import { platePath } from './path';
import type { SleeveStock, SleeveTarget } from './sleeve-target';

const anyStock = fc
  .array(
    fc.record({
      mass: fc.constantFrom(1.25, 2.5, 5, 10, 20),
      count: fc.integer({ min: 0, max: 6 }),
      diameterMm: fc.constantFrom(160, 230, 450),
      pounds: fc.boolean(),
    }),
    { minLength: 1, maxLength: 4 },
  )
  .map((kinds): SleeveStock => ({
    plates: kinds.map(({ mass, count, diameterMm, pounds }, at) => ({
      ...plate(mass, count, diameterMm),
      ...(pounds ? { unit: 'lb' as const, massG: Math.round(mass * 453.59237) } : {}),
      id: `p${at}`,
    })),
    share: 2,
    sleeveMm: 400,
  }));

/** Targets that hold a sum that exists; some of them wide. */
const targetsOn = (
  { plates, share, sleeveMm }: SleeveStock,
  picks: readonly [number, number][],
) => {
  const sums = sleeveOf(plates, share, sleeveMm).all();
  return picks.map(([pick, leeway]): SleeveTarget => {
    const sum = sums[pick % sums.length]!;
    return { lowG: sum - leeway, highG: sum + leeway, idealG: sum };
  });
};
const anyPicks = fc.array(
  fc.tuple(fc.nat(1000), fc.constantFrom(0, 0, 500, 3000)) as fc.Arbitrary<[number, number]>,
  { minLength: 1, maxLength: 5 },
);

describe('what no way through plates can go below', () => {
  it('is never above the best way, rising or not', () => {
    fc.assert(
      fc.property(anyStock, anyPicks, (stock, picks) => {
        const targets = targetsOn(stock, picks);
        const highest = Math.max(...targets.map((target) => target.highG));
        const bounds = pathBounds(targets, plateKinds(stock, highest));
        const { moves } = platePath(targets, stock);
        expect(bounds.atLeast(0, targets.length - 1, 0, 0)).toBeLessThan((moves + 1) * MOVE);
        expect(bounds.between(0, targets.length - 1)).toBeLessThan((moves + 1) * MOVE);
      }),
      { numRuns: 300 },
    );
  });

  it('grows with every target, and is nothing where nothing changes', () => {
    fc.assert(
      fc.property(anyStock, anyPicks, (stock, picks) => {
        const targets = targetsOn(stock, picks);
        const highest = Math.max(...targets.map((target) => target.highG));
        const { between } = pathBounds(targets, plateKinds(stock, highest));
        targets.forEach((_, at) => {
          expect(between(at, at)).toBe(0);
          if (at > 0) expect(between(0, at)).toBeGreaterThanOrEqual(between(0, at - 1));
        });
      }),
    );
  });

  it('knows when a sum is too heavy already, and how many plates are lacking at the least', () => {
    const stock: SleeveStock = {
      plates: [plate(20, 4), plate(5, 4, 230)],
      share: 2,
      sleeveMm: 400,
    };
    const exact = (sumG: number): SleeveTarget => ({ lowG: sumG, highG: sumG, idealG: sumG });
    const targets = [exact(25_000)];
    const { atLeast } = pathBounds(targets, plateKinds(stock, 25_000));
    expect(atLeast(0, 0, 30_000, 0)).toBe(Infinity);
    expect(Math.floor(atLeast(0, 0, 0, 0) / MOVE)).toBe(2);
    expect(Math.floor(atLeast(0, 0, 20_000, 0) / MOVE)).toBe(1);
    // Only the small plates may go outside a small one, and two of them do not make twenty-five.
    expect(atLeast(0, 0, 0, 1)).toBe(Infinity);
  });
});
