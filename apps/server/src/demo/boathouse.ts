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
  const dumbbell = (massG: number, unit: Unit, count: number) => ({ id: id(), massG, unit, count });
  return {
    id: id(),
    name: 'Boathouse loft',
    bars: [
      { id: id(), name: 'Short bar', massG: kg(15), unit: 'kg', sleeveMm: 300 },
      { id: id(), name: 'Long bar', massG: kg(20), unit: 'kg', sleeveMm: 400 },
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
  };
}
