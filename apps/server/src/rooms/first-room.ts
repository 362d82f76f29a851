import { toGrams, type Room } from '@spalo/core';
import { v7 } from 'uuid';

const plateSizes: [kg: number, count: number, diameterMm: number, thicknessMm: number][] = [
  [20, 4, 450, 40],
  [10, 4, 450, 30],
  [5, 4, 230, 26],
  [2.5, 4, 190, 20],
  [1.25, 4, 160, 15],
];

/** A modest room for a new studio to start from: two bars, plates for up to 95 kg, dumbbells from 2 to 30 kg. */
export function firstRoom(name: string): Room {
  const kg = (value: number) => toGrams(value, 'kg');
  const masses = [2, 3, 4, 5, 6, 7, 8, 9, 10, 12, 14, 16, 18, 20, 22.5, 25, 27.5, 30];
  return {
    id: v7(),
    name,
    bars: [
      { id: v7(), name: 'Light bar', massG: kg(15), unit: 'kg', sleeveMm: 320 },
      { id: v7(), name: 'Full bar', massG: kg(20), unit: 'kg', sleeveMm: 415 },
    ],
    plates: plateSizes.map(([mass, count, diameterMm, thicknessMm]) => ({
      id: v7(),
      massG: kg(mass),
      unit: 'kg',
      count,
      diameterMm,
      thicknessMm,
    })),
    dumbbells: masses.map((mass) => ({ id: v7(), massG: kg(mass), unit: 'kg', count: 2 })),
  };
}
