import fc from 'fast-check';
import { kg, plate } from '../test/fixtures';
import type { Plate } from '../room/room';
import { platePath } from './path';
import type { SleeveStock, SleeveTarget } from './sleeve-target';

/** Every stack that a sleeve can carry, by its plates' ids from the inside out. */
function everyStack({ plates, share, sleeveMm }: SleeveStock): Plate[][] {
  const stacks: Plate[][] = [[]];
  for (let at = 0; at < stacks.length; at += 1) {
    const stack = stacks[at]!;
    for (const each of plates) {
      const used = stack.filter((on) => on.id === each.id).length;
      const grown = [...stack, each];
      const allowed =
        (used + 1) * share <= each.count &&
        each.diameterMm <= (stack.at(-1)?.diameterMm ?? Infinity) &&
        grown.reduce((mm, on) => mm + on.thicknessMm, 0) <= sleeveMm;
      if (allowed) stacks.push(grown);
    }
  }
  return stacks;
}

const sumOf = (stack: readonly Plate[]) => stack.reduce((sum, each) => sum + each.massG, 0);

function handling(from: readonly Plate[], to: readonly Plate[]) {
  let kept = 0;
  while (kept < from.length && kept < to.length && from[kept]!.id === to[kept]!.id) kept += 1;
  const moved = [...from.slice(kept), ...to.slice(kept)];
  return { moves: moved.length, movedG: sumOf(moved) };
}

const offOf = (stack: readonly Plate[], target: SleeveTarget) =>
  Math.round(Math.abs(sumOf(stack) - target.idealG) / 10);

type Cost = [moves: number, movedG: number, off: number];
const less = (a: Cost, b: Cost) => a[0] - b[0] || a[1] - b[1] || a[2] - b[2];

/** The least cost by trying every stack for every target, layer by layer. */
function bruteForce(
  targets: readonly SleeveTarget[],
  stock: SleeveStock,
  standing: readonly Plate[],
): Cost | null {
  const stacks = everyStack(stock);
  let layer: { stack: readonly Plate[]; cost: Cost }[] = [{ stack: standing, cost: [0, 0, 0] }];
  for (const target of targets) {
    const meeting = stacks.filter(
      (stack) => sumOf(stack) >= target.lowG && sumOf(stack) <= target.highG,
    );
    layer = meeting.map((stack) => {
      const ways = layer.map(({ stack: from, cost }): Cost => {
        const { moves, movedG } = handling(from, stack);
        return [cost[0] + moves, cost[1] + movedG, cost[2] + offOf(stack, target)];
      });
      return { stack, cost: ways.sort(less)[0]! };
    });
    if (layer.length === 0) return null;
  }
  return layer.map(({ cost }) => cost).sort(less)[0]!;
}

function costOf(
  path: { stacks: Plate[][]; moves: number; movedG: number },
  targets: readonly SleeveTarget[],
  standing: readonly Plate[],
): Cost {
  let [moves, movedG] = [0, 0];
  path.stacks.forEach((stack, at) => {
    const step = handling(at === 0 ? standing : path.stacks[at - 1]!, stack);
    moves += step.moves;
    movedG += step.movedG;
  });
  expect([path.moves, path.movedG]).toEqual([moves, movedG]);
  return [moves, movedG, targets.reduce((sum, t, at) => sum + offOf(path.stacks[at]!, t), 0)];
}

const anyPlate = fc.record({
  massG: fc.constantFrom(500, 1250, 2500, 5000, 7500, 10_000, 2268, 4536),
  count: fc.constantFrom(1, 2, 2, 4, 6),
  diameterMm: fc.constantFrom(450, 450, 230, 190),
  thicknessMm: fc.constantFrom(15, 20, 30),
});
const anyStock = fc
  .record({
    plates: fc.array(anyPlate, { minLength: 1, maxLength: 4 }),
    share: fc.constantFrom(2, 2, 1, 4),
    sleeveMm: fc.constantFrom(80, 120, 200),
  })
  .map(({ plates, ...rest }): SleeveStock => ({
    ...rest,
    plates: plates.map((each, at) => ({ ...each, id: `p${at}`, unit: 'kg' as const })),
  }));
const anyCase = fc
  .record({
    stock: anyStock,
    wanted: fc.array(fc.record({ at: fc.nat(), wide: fc.constantFrom(0, 0, 1000, 3000) }), {
      minLength: 1,
      maxLength: 5,
    }),
    rising: fc.boolean(),
    standingAt: fc.nat(),
    bare: fc.boolean(),
  })
  .map(({ stock, wanted, rising, standingAt, bare }) => {
    const stacks = everyStack(stock);
    const sums = [...new Set(stacks.map(sumOf))].sort((a, b) => a - b);
    const picked = wanted.map(({ at, wide }) => ({ sum: sums[at % sums.length]!, wide }));
    if (rising) picked.sort((a, b) => a.sum - b.sum);
    const targets = picked.map(({ sum, wide }) => ({
      lowG: Math.max(0, sum - wide),
      highG: sum + wide,
      idealG: sum + Math.round(wide / 3),
    }));
    return { stock, targets, standing: bare ? [] : stacks[standingAt % stacks.length]! };
  });

describe('the way through plates', () => {
  it('equals trying everything, on any small inventory, from any stack, rising or not', () => {
    fc.assert(
      fc.property(anyCase, ({ stock, targets, standing }) => {
        fc.pre(everyStack(stock).length <= 400);
        const path = platePath(targets, stock, standing);
        expect(costOf(path, targets, standing)).toEqual(bruteForce(targets, stock, standing));
        const ids = new Set(everyStack(stock).map((stack) => stack.map((p) => p.id).join()));
        path.stacks.forEach((stack, at) => {
          expect(ids.has(stack.map((p) => p.id).join())).toBe(true);
          expect(sumOf(stack)).toBeGreaterThanOrEqual(targets[at]!.lowG);
          expect(sumOf(stack)).toBeLessThanOrEqual(targets[at]!.highG);
        });
      }),
      { numRuns: 400 },
    );
  });

  const stock: SleeveStock = {
    plates: [plate(20, 4), plate(10, 4), plate(5, 4, 230), plate(2.5, 4, 190)],
    share: 2,
    sleeveMm: 400,
  };
  const exactly = (sum: number): SleeveTarget => ({
    lowG: kg(sum),
    highG: kg(sum),
    idealG: kg(sum),
  });
  const says = (stacks: Plate[][]) => stacks.map((stack) => stack.map((each) => each.massG / 1000));

  it('lays plates that later sets keep, rather than the fewest for each', () => {
    const { stacks, moves } = platePath([exactly(10), exactly(20), exactly(30)], stock);
    expect(says(stacks)).toEqual([[10], [10, 10], [10, 10, 5, 5]]);
    expect(moves).toBe(4);
    // With a third target that ten more make, nothing comes off.
    expect(platePath([exactly(10), exactly(30), exactly(40)], stock).moves).toBe(3);
  });

  it('begins from what stands on the bar', () => {
    const { stacks, moves } = platePath([exactly(30)], stock, [stock.plates[1]!]);
    expect(says(stacks)).toEqual([[10, 20]]);
    expect(moves).toBe(1);
  });

  it('takes the nearest of the loads that cost the same', () => {
    const roomy: SleeveTarget = { lowG: kg(9), highG: kg(21), idealG: kg(20) };
    expect(says(platePath([roomy], stock).stacks)).toEqual([[10]]);
    const tie: SleeveTarget = { lowG: kg(2), highG: kg(5), idealG: kg(5) };
    expect(says(platePath([tie], { ...stock, plates: [plate(5, 2)] }).stacks)).toEqual([[5]]);
  });

  it('says so when a target holds nothing that exists', () => {
    expect(() => platePath([exactly(3)], stock)).toThrow(RangeError);
    expect(platePath([], stock)).toEqual({ stacks: [], moves: 0, movedG: 0 });
  });
});
