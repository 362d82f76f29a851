import fc from 'fast-check';
import { barDropMm } from '../plates/bar-height';
import { loadBar } from '../plates/loader';
import { loadTwoBars } from '../plates/two-bars';
import type { Loadable } from '../room/implement';
import type { Room } from '../room/room';
import { bar, kg, plate, room } from '../test/fixtures';
import { toGrams } from '../unit/mass';
import { loadables } from './loadables';
import { atOrBelow, heaviest, nearest, noLoads, stepDown, stepUp } from './loads';

/** Every multiset of pairs, tried one by one. */
function bruteForce(place: Room, barId: string): Map<number, number> {
  const found = place.bars.find((each) => each.id === barId)!;
  let stacks = [{ sum: 0, thickness: 0, count: 0 }];
  for (const each of place.plates) {
    stacks = stacks.flatMap((stack) =>
      Array.from({ length: Math.floor(each.count / 2) + 1 }, (_, pairs) => ({
        sum: stack.sum + pairs * each.massG,
        thickness: stack.thickness + pairs * each.thicknessMm,
        count: stack.count + pairs,
      })),
    );
  }
  const fewest = new Map<number, number>();
  for (const stack of stacks) {
    if (stack.thickness > found.sleeveMm) continue;
    const load = found.massG + 2 * stack.sum;
    fewest.set(load, Math.min(fewest.get(load) ?? Infinity, stack.count));
  }
  return fewest;
}

const anyRoom = fc
  .array(
    fc.record({
      mass: fc.constantFrom(1.25, 2.5, 5, 10, 15, 20, 25, 35, 45),
      unit: fc.constantFrom('kg' as const, 'lb' as const),
      count: fc.integer({ min: 0, max: 6 }),
      thicknessMm: fc.integer({ min: 10, max: 60 }),
    }),
    { maxLength: 4 },
  )
  .chain((plates) =>
    fc.integer({ min: 20, max: 300 }).map((sleeve): Room => ({
      ...room,
      bars: [bar(20, sleeve)],
      plates: plates.map(({ mass, unit, count, thicknessMm }, index) => ({
        ...plate(mass, count, 100 + mass * 10),
        massG: toGrams(mass, unit),
        unit,
        id: `p${index}`,
        thicknessMm,
      })),
    })),
  );

describe('loads of a bar', () => {
  it('are exactly those that brute force finds, each with the fewest plates', () => {
    fc.assert(
      fc.property(anyRoom, (place) => {
        const loads = loadables(place, { kind: 'barbell', barId: 'bar-20' });
        const found = new Map(
          loads
            .all()
            .map(({ loadG, build }) => [
              loadG,
              build.kind === 'barbell' ? build.perSide.length : -1,
            ]),
        );
        expect(found).toEqual(bruteForce(place, 'bar-20'));
      }),
    );
  });

  it('lie in order, inner plates larger than outer ones, and add up', () => {
    fc.assert(
      fc.property(anyRoom, (place) => {
        const loads = loadables(place, { kind: 'barbell', barId: 'bar-20' });
        loads.all().forEach(({ loadG, build }, index) => {
          if (build.kind !== 'barbell') throw new Error('a bar was asked for');
          expect(loadG).toBeGreaterThan(loads.all()[index - 1]?.loadG ?? 0);
          expect(loadG).toBe(
            build.bar.massG + 2 * build.perSide.reduce((sum, each) => sum + each.massG, 0),
          );
          const diameters = build.perSide.map((each) => each.diameterMm);
          expect(diameters).toEqual([...diameters].sort((a, b) => b - a));
        });
      }),
    );
  });

  it('are none for a bar that the room does not have', () => {
    expect(loadables(room, { kind: 'barbell', barId: 'elsewhere' }).all()).toEqual([]);
  });
});

describe('the loader', () => {
  const target = fc.integer({ min: 0, max: 220_000 });

  it('answers every target as brute force does, in kg, lb and mixed', () => {
    fc.assert(
      fc.property(anyRoom, target, (place, targetG) => {
        const loads = [...bruteForce(place, 'bar-20').keys()];
        const answer = loadBar(place.bars[0]!, place.plates, targetG);
        const below = Math.max(...loads.filter((load) => load <= targetG));
        const above = Math.min(...loads.filter((load) => load >= targetG));
        expect(answer.below?.loadG ?? -Infinity).toBe(below);
        expect(answer.above?.loadG ?? Infinity).toBe(above);
        expect(answer.exact).toBe(loads.includes(targetG));
        expect(answer.obstacles.some(({ kind }) => kind === 'below the bar')).toBe(
          targetG < kg(20),
        );
      }),
      { numRuns: 300 },
    );
  });

  it('loads two bars from one stock as brute force does', () => {
    /** Every way to put pairs on one bar, the other, or neither. */
    const bothWays = (place: Room): { a: number; b: number }[] => {
      let ways = [{ a: 0, b: 0, aMm: 0, bMm: 0 }];
      for (const each of place.plates) {
        const pairs = Math.floor(each.count / 2);
        ways = ways.flatMap((way) =>
          Array.from({ length: pairs + 1 }, (_, onA) =>
            Array.from({ length: pairs - onA + 1 }, (__, onB) => ({
              a: way.a + onA * each.massG,
              b: way.b + onB * each.massG,
              aMm: way.aMm + onA * each.thicknessMm,
              bMm: way.bMm + onB * each.thicknessMm,
            })),
          ).flat(),
        );
      }
      const sleeve = place.bars[0]!.sleeveMm;
      return ways.filter((way) => way.aMm <= sleeve && way.bMm <= sleeve);
    };
    fc.assert(
      fc.property(anyRoom, target, target, (place, first, second) => {
        const [one] = place.bars as [Room['bars'][number]];
        const other = { ...one, id: 'other', massG: kg(15) };
        const found = loadTwoBars(
          { bar: one, targetG: first },
          { bar: other, targetG: second },
          place.plates,
        );
        const [a, b] = [found.first, found.second].map(({ build }) =>
          build.kind === 'barbell' ? build.perSide : [],
        ) as [Room['plates'], Room['plates']];
        for (const each of place.plates) {
          const used = [...a, ...b].filter((used) => used.id === each.id).length;
          expect(used).toBeLessThanOrEqual(Math.floor(each.count / 2));
        }
        const sum = (plates: Room['plates']) =>
          plates.reduce((total, each) => total + each.massG, 0);
        const most = (targetG: number, barG: number) => Math.max(0, (targetG - barG) / 2);
        const best = Math.max(
          ...bothWays(place)
            .filter((way) => way.a <= most(first, one.massG) && way.b <= most(second, other.massG))
            .map((way) => way.a + way.b),
        );
        expect(sum(a) + sum(b)).toBe(best);
      }),
      { numRuns: 200 },
    );
  });

  it('says what stands in the way', () => {
    const kinds = (targetG: number, plates: Room['plates'], sleeve = 400) =>
      loadBar(bar(20, sleeve), plates, targetG).obstacles.map(({ kind }) => kind);
    expect(kinds(kg(10), [plate(10, 4)])).toEqual(['below the bar']);
    expect(kinds(kg(100), [plate(10, 4)])).toEqual(['plates run out']);
    expect(kinds(kg(60), [plate(10, 4)], 30)).toEqual(['sleeve too short']);
    expect(kinds(kg(50), [plate(15, 1), plate(10, 4)])).toEqual(['plate without its pair']);
    expect(kinds(kg(60), [plate(10, 4)])).toEqual([]);
  });

  it('says how much lower a bar lies on small plates', () => {
    expect(barDropMm([plate(20, 2)])).toBe(0);
    expect(barDropMm([plate(5, 2, 230), plate(1.25, 2, 160)])).toBe(110);
    expect(barDropMm([])).toBe(225);
  });
});

describe('loads of everything else', () => {
  const stack = {
    id: 'stack',
    name: 'Pulldown',
    station: 'pulldown' as const,
    unit: 'kg' as const,
    firstG: kg(5),
    stepG: kg(5),
    count: 4,
    addOnsG: [kg(1.25), kg(2.5)],
    ratio: 1,
    assisted: false,
  };
  const press = {
    id: 'press',
    name: 'Leg press',
    station: 'leg press' as const,
    massG: kg(35),
    unit: 'kg' as const,
    sleeveMm: 300,
    horns: 2 as const,
    fits: ['plate-20'],
  };
  const full: Room = {
    ...room,
    stacks: [
      stack,
      { ...stack, id: 'half', ratio: 0.5, addOnsG: [] },
      { ...stack, id: 'help', station: 'assisted pull-up', assisted: true, addOnsG: [] },
    ],
    machines: [press, { ...press, id: 'sled', horns: 1, fits: null }],
    kettlebells: [8, 12, 16].map((mass) => ({
      id: `bell-${mass}`,
      massG: kg(mass),
      unit: 'kg',
      count: 1,
    })),
    bars: [{ ...bar(2), id: 'handle', kind: 'handle', count: 2, sleeveMm: 120 }],
  };
  const kgOf = (implement: Parameters<typeof loadables>[1]) =>
    loadables(full, implement)
      .all()
      .map((load) => load.loadG / 1000);

  it('stacks take every add-on, and a pulley halves them', () => {
    const pins = [5, 10, 15, 20];
    const all = pins.flatMap((pin) => [0, 1.25, 2.5, 3.75].map((more) => pin + more));
    expect(kgOf({ kind: 'stack', stackId: 'stack' })).toEqual(all.sort((a, b) => a - b));
    expect(kgOf({ kind: 'stack', stackId: 'half' })).toEqual([2.5, 5, 7.5, 10]);
  });
  it('assistance takes off the body, lightest load first', () => {
    expect(kgOf({ kind: 'assisted', stackId: 'help', bodyG: kg(70) })).toEqual([50, 55, 60, 65]);
  });
  it('machines add what fits to their empty mass, on one horn or two', () => {
    expect(kgOf({ kind: 'machine', machineId: 'press' })).toEqual([35, 75, 115]);
    expect(kgOf({ kind: 'machine', machineId: 'sled' })).toContain(36.25);
  });
  it('a body carries single plates besides itself', () => {
    expect(kgOf({ kind: 'body', bodyG: kg(48) }).slice(0, 4)).toEqual([48, 49.25, 50.5, 51.75]);
  });
  it('handles are small bars: a pair of them needs four of a plate', () => {
    const one = kgOf({ kind: 'dumbbell', hands: 1 });
    const pair = kgOf({ kind: 'dumbbell', hands: 2 });
    expect(one).toContain(2 + 2 * 1.25);
    expect(pair).toContain(2 + 2 * 2.5);
    expect(pair.length).toBeLessThan(one.length);
  });
  it('kettlebells are a list', () => {
    expect(kgOf({ kind: 'kettlebell', hands: 1 })).toEqual([8, 12, 16]);
    expect(kgOf({ kind: 'kettlebell', hands: 2 })).toEqual([]);
  });
});

describe('loads of a room', () => {
  it('are worked out once for a room as it was fetched', () => {
    const implement = { kind: 'barbell', barId: 'bar-20' } as const;
    expect(loadables(room, implement)).toBe(loadables(room, implement));
    expect(loadables({ ...room }, implement)).not.toBe(loadables(room, implement));
  });
});

describe('loads of dumbbells', () => {
  const masses = (hands: 1 | 2) =>
    loadables(room, { kind: 'dumbbell', hands })
      .all()
      .map((load) => load.loadG);

  it('need a pair for two hands and one for one', () => {
    expect(masses(2)).not.toContain(kg(14));
    expect(masses(1)).toContain(kg(14));
    expect(masses(1)).toHaveLength(room.dumbbells.length);
  });
});

describe('choosing among loads', () => {
  const loads = loadables(room, { kind: 'barbell', barId: 'bar-20' });
  const of = (load: Loadable | null) => (load ? load.loadG / 1000 : null);

  it.each([
    [60, 60, 60],
    [61, 60, 60],
    [61.5, 60, 62.5],
    [10, 20, 20],
    [999, 175, 175],
  ])('for %d kg takes %d below and %d nearest', (target, below, near) => {
    expect(of(atOrBelow(loads, kg(target)))).toBe(below);
    expect(of(nearest(loads, kg(target)))).toBe(near);
  });

  it('steps up and down by what exists, and stops at the ends', () => {
    expect(of(stepUp(loads, kg(60)))).toBe(62.5);
    expect(of(stepDown(loads, kg(60)))).toBe(57.5);
    expect(stepDown(loads, kg(20))).toBeNull();
    expect(stepUp(loads, heaviest(loads)!.loadG)).toBeNull();
    expect(nearest(noLoads, 1)).toBeNull();
    expect(atOrBelow(noLoads, 1)).toBeNull();
  });
});

describe('what a bar takes', () => {
  it('is told apart where it takes no plates and where it takes all, whichever is asked first', () => {
    const plates = [plate(10, 4)];
    const bare = { ...bar(20), id: 'bare', fits: [] };
    for (const order of [
      [bare, bar(20)],
      [bar(20), bare],
    ]) {
      const stock = [...plates];
      const most = new Map(
        order.map((each) => [each.id, loadBar(each, stock, kg(500)).below!.loadG]),
      );
      expect(most.get('bare')).toBe(kg(20));
      expect(most.get(bar(20).id)).toBe(kg(60));
    }
  });
});
