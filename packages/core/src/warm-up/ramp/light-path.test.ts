import { loadables } from '../../loads/loadables';
import { handlingBetween } from '../../plates/handling';
import type { LoadWindow } from '../../plates/plate-implement';
import type { Build, Implement, Loadable } from '../../room/implement';
import type { Room } from '../../room/room';
import { kg, room } from '../../test/fixtures';
import { lightPath } from './light-path';

import fc from 'fast-check';

const equipped: Room = {
  ...room,
  stacks: [
    {
      id: 'stack',
      name: 'Stack',
      station: 'pulldown',
      assisted: false,
      unit: 'kg',
      firstG: kg(5),
      stepG: kg(5),
      count: 10,
      addOnsG: [kg(1.25), kg(2.5)],
      ratio: 1,
    },
  ],
};
const stack: Implement = { kind: 'stack', stackId: 'stack' };
const bells: Implement = { kind: 'dumbbell', hands: 2 };

interface Cost {
  moves: number;
  off: number;
}
const costOf = (loads: readonly Loadable[], windows: readonly LoadWindow[]): Cost =>
  loads.reduce<Cost & { before: Build | null }>(
    ({ moves, off, before }, { loadG, build }, at) => ({
      moves: moves + handlingBetween(before, build).moves,
      off: off + Math.abs(loadG - windows[at]!.idealG),
      before: build,
    }),
    { moves: 0, off: 0, before: null },
  );

/** Every way through the windows, tried one by one. */
function leastOf(loads: readonly Loadable[], windows: readonly LoadWindow[]): Cost {
  let ways: Loadable[][] = [[]];
  for (const { lowG, highG } of windows) {
    const inside = loads.filter((load) => load.loadG >= lowG && load.loadG <= highG);
    ways = ways.flatMap((way) => inside.map((load) => [...way, load]));
  }
  return ways
    .map((way) => costOf(way, windows))
    .reduce((best, each) => ((each.moves - best.moves || each.off - best.off) < 0 ? each : best));
}

const window = (low: number, ideal: number, high: number): LoadWindow => ({
  lowG: kg(low),
  highG: kg(high),
  idealG: kg(ideal),
});

describe('the way through bells and pins', () => {
  it.each<[string, Implement]>([
    ['a stack with add-ons', stack],
    ['dumbbells', bells],
  ])('equals trying everything on %s', (_name, implement) => {
    const loads = loadables(equipped, implement);
    const near = fc.tuple(fc.nat(loads.all().length - 1), fc.integer({ min: 0, max: 3000 }));
    fc.assert(
      fc.property(fc.array(near, { minLength: 1, maxLength: 4 }), (asked) => {
        const windows = asked.map(([at, leeway]): LoadWindow => {
          const { loadG } = loads.all()[at]!;
          return { lowG: loadG - leeway, highG: loadG + leeway, idealG: loadG + leeway / 3 };
        });
        const { moves, off } = costOf(lightPath(loads, windows), windows);
        const least = leastOf(loads.all(), windows);
        expect(moves).toBe(least.moves);
        expect(off).toBeCloseTo(least.off, 6);
      }),
      { numRuns: 200 },
    );
  });

  it('leaves the add-on where it is rather than moving pin and add-on', () => {
    const path = lightPath(loadables(equipped, stack), [
      window(11.25, 11.25, 11.25),
      window(14, 15, 17),
    ]);
    expect(path.map((load) => load.loadG / 1000)).toEqual([11.25, 16.25]);
  });

  it('takes one bell twice where both windows hold it', () => {
    const path = lightPath(loadables(equipped, bells), [window(8, 8, 10), window(9, 12, 12)]);
    expect(path.map((load) => load.loadG / 1000)).toEqual([10, 10]);
  });

  it('is empty without windows, and says so where one holds nothing', () => {
    const loads = loadables(equipped, bells);
    expect(lightPath(loads, [])).toEqual([]);
    expect(() => lightPath(loads, [window(100, 110, 120)])).toThrow(RangeError);
  });
});
