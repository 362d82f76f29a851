import { toGrams, type Room, type Unit } from '@spalo/core';

const kg = (value: number) => toGrams(value, 'kg');
const lb = (value: number) => toGrams(value, 'lb');

const kgDumbbells = [4, 5, 6, 7, 8, 10, 12, 14, 16, 20, 22.5, 26, 30];
const lbDumbbells = [15, 25, 40, 50];

/** The room above the boathouse: one pair of 15s is missing, the dumbbells jump, the older ones are in pounds. */
export function boathouseRoom(id: () => string): Room {
  const plate = (
    massG: number,
    unit: Unit,
    count: number,
    diameterMm: number,
    thicknessMm: number,
  ) => ({
    id: id(),
    massG,
    unit,
    count,
    diameterMm,
    thicknessMm,
  });
  const bar = (
    name: string,
    kind: Room['bars'][number]['kind'],
    mass: number,
    sleeveMm: number,
    handleMm: number[] = [],
  ) => ({
    id: id(),
    name,
    kind,
    massG: kg(mass),
    unit: 'kg' as const,
    sleeveMm,
    count: 1,
    fits: null,
    handleMm,
  });
  const dumbbell = (massG: number, unit: Unit, count: number) => ({ id: id(), massG, unit, count });
  return {
    id: id(),
    name: 'Boathouse loft',
    bars: [
      bar('Short bar', 'short', 15, 300),
      bar('Long bar', 'straight', 20, 400),
      bar('Curl bar', 'EZ', 7.5, 180),
      bar('Trap bar', 'trap', 24, 260, [230, 330]),
    ],
    plates: [
      plate(kg(20), 'kg', 4, 450, 45),
      plate(kg(15), 'kg', 1, 450, 38),
      plate(kg(10), 'kg', 4, 450, 32),
      plate(kg(5), 'kg', 4, 230, 26),
      plate(lb(5), 'lb', 2, 200, 22),
      plate(kg(2.5), 'kg', 2, 190, 20),
      plate(kg(1.25), 'kg', 4, 160, 15),
    ],
    dumbbells: [
      ...kgDumbbells.map((mass) => dumbbell(kg(mass), 'kg', mass === 26 ? 1 : 2)),
      ...lbDumbbells.map((mass) => dumbbell(lb(mass), 'lb', 2)),
    ].sort((a, b) => a.massG - b.massG),
    kettlebells: [8, 12, 16, 24].map((mass) => dumbbell(kg(mass), 'kg', mass === 12 ? 2 : 1)),
    stacks: [
      {
        id: id(),
        name: 'Old cable column',
        station: 'cable',
        unit: 'lb',
        firstG: lb(10),
        stepG: lb(10),
        count: 16,
        addOnsG: [lb(5)],
        ratio: 0.5,
        assisted: false,
      },
      {
        id: id(),
        name: 'Pulldown',
        station: 'pulldown',
        unit: 'kg',
        firstG: kg(5),
        stepG: kg(5),
        count: 15,
        addOnsG: [kg(2.5)],
        ratio: 1,
        assisted: false,
      },
    ],
    machines: [
      {
        id: id(),
        name: 'Slipway leg press',
        station: 'leg press',
        massG: kg(32),
        unit: 'kg',
        sleeveMm: 320,
        horns: 2,
        fits: null,
      },
    ],
    bands: [{ id: id(), label: 'Green loop', restG: kg(3), stretchedG: kg(16) }],
  };
}
