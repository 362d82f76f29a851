import { bar, bells, kg, machine, plates, stack, stands } from '@spalo/catalog/rooms';
import type { Room } from '@spalo/core/room';
import { toGrams } from '@spalo/core/unit';

const lb = (value: number) => toGrams(value, 'lb');
const heaviestFirst = (a: { massG: number }, b: { massG: number }) => b.massG - a.massG;

/** The room above the boathouse: one pair of 15s is missing, the dumbbells jump, the older things are in pounds. */
export function boathouseRoom(id: () => string, furnitureId: () => string): Room {
  const roomId = id();
  const pairs = bells(id, [4, 5, 6, 7, 8, 10, 12, 14, 16, 20, 22.5, 30], 2);
  const single = bells(id, [26], 1);
  const pounds = [15, 25, 40, 50].map((mass) => ({
    id: id(),
    massG: lb(mass),
    unit: 'lb' as const,
    count: 2,
  }));
  return {
    id: roomId,
    name: 'Boathouse loft',
    bars: [
      bar(id, 'Short bar', 'short', 15, 300),
      bar(id, 'Long bar', 'straight', 20, 400),
      bar(id, 'Curl bar', 'EZ', 7.5, 180),
      bar(id, 'Trap bar', 'trap', 24, 260, { handleMm: [230, 330] }),
    ],
    plates: [
      ...plates(id, [
        [20, 4, 450, 45],
        [15, 1, 450, 38],
        [10, 4, 450, 32],
        [5, 4, 230, 26],
        [2.5, 2, 190, 20],
        [1.25, 4, 160, 15],
      ]),
      ...plates(id, [[5, 2, 200, 22]], 'lb'),
    ].sort(heaviestFirst),
    dumbbells: [...pairs, ...single, ...pounds].sort(heaviestFirst).reverse(),
    kettlebells: [...bells(id, [8, 16, 24], 1), ...bells(id, [12], 2)]
      .sort(heaviestFirst)
      .reverse(),
    stacks: [
      stack(id, 'Old cable column', 'cable', 0, 0, 16, {
        unit: 'lb',
        firstG: lb(10),
        stepG: lb(10),
        addOnsG: [lb(5)],
        ratio: 0.5,
      }),
      stack(id, 'Pulldown', 'pulldown', 5, 5, 15, { addOnsG: [kg(2.5)] }),
    ],
    machines: [machine(id, 'Slipway leg press', 'leg press', 32)],
    bands: [{ id: id(), label: 'Green loop', restG: kg(3), stretchedG: kg(16) }],
    furniture: stands(furnitureId, {
      rack: 2,
      'flat bench': 1,
      'adjustable bench': 2,
      'pull-up bar': 1,
      'back-extension bench': 1,
      box: 2,
      straps: 1,
      lane: 1,
    }),
  };
}
