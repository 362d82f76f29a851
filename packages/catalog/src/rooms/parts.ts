import type { FurnitureKind, Station } from '@spalo/core/lift';
import type { Room } from '@spalo/core/room';
import { toGrams, type Unit } from '@spalo/core/unit';

/** One kind of plate. */
export type PlateLine = [mass: number, count: number, diameterMm: number, thicknessMm: number];

/** Kilograms as grams. */
export const kg = (value: number) => toGrams(value, 'kg');

/** Plates of one unit, a line each. */
export const plates = (id: () => string, lines: readonly PlateLine[], unit: Unit = 'kg') =>
  lines.map(([mass, count, diameterMm, thicknessMm]) => ({
    id: id(),
    massG: toGrams(mass, unit),
    unit,
    count,
    diameterMm,
    thicknessMm,
  }));

/** Dumbbells or kettlebells of some masses in kg, as many of each. */
export const bells = (id: () => string, masses: readonly number[], count: number) =>
  masses.map((mass) => ({ id: id(), massG: kg(mass), unit: 'kg' as const, count }));

/** A bar of a mass in kg. */
export const bar = (
  id: () => string,
  name: string,
  kind: Room['bars'][number]['kind'],
  mass: number,
  sleeveMm: number,
  more: Partial<Room['bars'][number]> = {},
) => ({
  id: id(),
  name,
  kind,
  massG: kg(mass),
  unit: 'kg' as const,
  sleeveMm,
  count: 1,
  fits: null,
  handleMm: [],
  ...more,
});

/** A pin-loaded stack in kg. */
export const stack = (
  id: () => string,
  name: string,
  station: Station,
  first: number,
  step: number,
  count: number,
  more: Partial<Room['stacks'][number]> = {},
) => ({
  id: id(),
  name,
  station,
  unit: 'kg' as const,
  firstG: kg(first),
  stepG: kg(step),
  count,
  addOnsG: [],
  ratio: 1,
  assisted: false,
  ...more,
});

/** A plate-loaded machine that weighs `mass` kg when empty. */
export const machine = (id: () => string, name: string, station: Station, mass: number) => ({
  id: id(),
  name,
  station,
  massG: kg(mass),
  unit: 'kg' as const,
  sleeveMm: 350,
  horns: 2 as const,
  fits: null,
});

/** Numbers from the first to the last by a step. */
export const range = (first: number, last: number, step: number) =>
  Array.from({ length: Math.round((last - first) / step) + 1 }, (_, index) => first + index * step);

/** What stands in a room, by kind and how many. */
export const stands = (
  id: () => string,
  counts: Partial<Record<FurnitureKind, number>>,
): NonNullable<Room['furniture']> =>
  Object.entries(counts).map(([kind, count]) => ({ id: id(), kind: kind as FurnitureKind, count }));
