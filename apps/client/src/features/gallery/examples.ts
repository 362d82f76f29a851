import type { Barbell, Build, Machine, Plate, Stack } from '@spalo/core/room';

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
const bar: Barbell = {
  id: 'bar',
  name: 'Long bar',
  kind: 'straight',
  massG: 20_000,
  unit: 'kg',
  sleeveMm: 400,
  count: 1,
  fits: null,
  handleMm: [],
};
const stack: Stack = {
  id: 'stack',
  name: 'Pulldown',
  station: 'pulldown',
  unit: 'kg',
  firstG: 5000,
  stepG: 5000,
  count: 15,
  addOnsG: [2500],
  ratio: 1,
  assisted: false,
};
const machine: Machine = {
  id: 'press',
  name: 'Leg press',
  station: 'leg press',
  massG: 32_000,
  unit: 'kg',
  sleeveMm: 320,
  horns: 2,
  fits: null,
};
const onBar = (...indices: number[]): Build => ({
  kind: 'barbell',
  bar,
  perSide: indices.map((index) => plates[index]!),
  hands: 1,
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
  {
    build: {
      kind: 'kettlebell',
      kettlebell: { id: 'k', massG: 16_000, unit: 'kg', count: 1 },
      hands: 1,
    },
    previous: null,
  },
  { build: { kind: 'stack', stack, pinG: 35_000, addOnsG: [2500] }, previous: null },
  { build: { kind: 'machine', machine, perSide: [plates[0]!, plates[1]!] }, previous: null },
  { build: { kind: 'body', added: [plates[2]!] }, previous: null },
];
