import fc from 'fast-check';
import { bar, kg, plate, room } from './fixtures.test-help';
import { atOrBelow, loadables, nearest, stepDown, stepUp, type Loadable } from './loadable';
import type { Room } from './room';

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
      mass: fc.constantFrom(1.25, 2.5, 5, 10, 15, 20),
      count: fc.integer({ min: 0, max: 6 }),
      thicknessMm: fc.integer({ min: 10, max: 60 }),
    }),
    { maxLength: 4 },
  )
  .chain((plates) =>
    fc.integer({ min: 20, max: 300 }).map((sleeve): Room => ({
      ...room,
      bars: [bar(20, sleeve)],
      plates: plates.map(({ mass, count, thicknessMm }, index) => ({
        ...plate(mass, count, 100 + mass * 15),
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
          loads.map(({ loadG, build }) => [
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
        loads.forEach(({ loadG, build }, index) => {
          if (build.kind !== 'barbell') throw new Error('a bar was asked for');
          expect(loadG).toBeGreaterThan(loads[index - 1]?.loadG ?? 0);
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
    expect(loadables(room, { kind: 'barbell', barId: 'elsewhere' })).toEqual([]);
  });
});

describe('loads of dumbbells', () => {
  const masses = (hands: 1 | 2) =>
    loadables(room, { kind: 'dumbbell', hands }).map((load) => load.loadG);

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
    expect(stepUp(loads, loads.at(-1)!.loadG)).toBeNull();
    expect(nearest([], 1)).toBeNull();
    expect(atOrBelow([], 1)).toBeNull();
  });
});
