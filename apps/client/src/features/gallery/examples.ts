import type { Build, Plate } from '@spalo/core';

const plate = (kilos: number, diameterMm: number, thicknessMm: number): Plate => ({
  id: `p${kilos}`,
  massG: kilos * 1000,
  unit: 'kg',
  count: 4,
  diameterMm,
  thicknessMm,
});
const plates = [
  plate(20, 450, 45),
  plate(10, 450, 32),
  plate(5, 230, 26),
  plate(2.5, 190, 20),
  plate(1.25, 160, 15),
];
const bar = { id: 'bar', name: 'Long bar', massG: 20_000, unit: 'kg', sleeveMm: 400 } as const;
const onBar = (...indices: number[]): Build => ({
  kind: 'barbell',
  bar,
  perSide: indices.map((index) => plates[index]!),
});
const dumbbell = (massG: number, hands: 1 | 2): Build => ({
  kind: 'dumbbell',
  dumbbell: { id: 'd', massG, unit: 'kg', count: 2 },
  hands,
});

/** Builds from empty to crowded, each with what was there before. */
export const builds: { build: Build; previous: Build | null }[] = [
  { build: onBar(), previous: null },
  { build: onBar(1, 2, 4), previous: onBar(1) },
  { build: onBar(0, 0, 1, 1, 2, 3, 4), previous: onBar(0, 0) },
  { build: dumbbell(8_000, 2), previous: null },
  { build: dumbbell(30_000, 1), previous: null },
];
