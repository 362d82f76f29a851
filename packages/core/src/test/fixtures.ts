import type { Lift } from '../lift/lift';
import type { Flag, Person } from '../person/person';
import type { Barbell, Plate, Room } from '../room/room';
import { readStrength } from '../strength/profile';
import { toGrams } from '../unit/mass';

/** Things that several tests need; nothing of the product imports this file. */
export const kg = (value: number) => toGrams(value, 'kg');

export const plate = (mass: number, count: number, diameterMm = 450): Plate => ({
  id: `plate-${mass}`,
  massG: kg(mass),
  unit: 'kg',
  count,
  diameterMm,
  thicknessMm: 20,
});

export const bar = (mass: number, sleeveMm = 400): Barbell => ({
  id: `bar-${mass}`,
  name: `Bar ${mass}`,
  kind: 'straight',
  massG: kg(mass),
  unit: 'kg',
  sleeveMm,
  count: 1,
  fits: null,
  handleMm: [],
});

export const room: Room = {
  id: 'room',
  name: 'Room',
  bars: [bar(15), bar(20)],
  plates: [plate(20, 4), plate(10, 4), plate(5, 4, 230), plate(2.5, 4, 190), plate(1.25, 4, 160)],
  dumbbells: [4, 6, 8, 10, 12, 14, 16, 18, 20, 24].map((mass) => ({
    id: `dumbbell-${mass}`,
    massG: kg(mass),
    unit: 'kg',
    count: mass === 14 ? 1 : 2,
  })),
  kettlebells: [],
  stacks: [],
  machines: [],
  bands: [],
  furniture: null,
};

export const squat: Lift = {
  position: 'standing',
  id: 'back-squat',
  name: 'Back squat',
  pattern: 'squat',
  region: 'lower',
  implement: 'barbell',
  muscles: { main: ['quads'], helping: [] },
  stations: [],
  bodyShare: 0,
  counted: 'reps',
  stress: [
    { joint: 'knee', kinds: ['deep bend'], how: 'deep bend' },
    { joint: 'low back', kinds: ['lean'], how: 'loaded lean' },
  ],
  peak: 'stretched',
  repConstant: 38,
  stepG: 2500,
  longLever: false,
  fromFloor: false,
  restClass: 'squat',
  priorRatio: 0.9,
  repRange: { low: 8, high: 12 },
};

export const row: Lift = {
  ...squat,
  position: 'supported',
  id: 'one-arm-row',
  name: 'Row',
  region: 'upper',
  implement: 'single dumbbell',
  pattern: 'row',
  stress: [
    { joint: 'shoulder', kinds: ['pull'], how: 'pull' },
    { joint: 'wrist', kinds: ['turned grip'], how: 'grip' },
  ],
  restClass: 'small',
  muscles: { main: ['lats'], helping: [] },
  priorRatio: 0.34,
};

export const person: Person = {
  bodyMassG: kg(75),
  sex: 'male',
  trainingMonths: 24,
  birthDate: '1990-05-01',
  nervous: false,
  preference: 'none',
  flags: [],
  reports: [],
  cautions: [],
  overrides: [],
};

export const lifts: readonly Lift[] = [squat, row];

export const NOW = '2026-11-24T10:00:00.000Z';

/** What is believed of `who` before any set. */
export const unknown = (who: Person = person, now = NOW) => readStrength(who, null, lifts, now);

export const flag = (change: Partial<Flag> = {}): Flag => ({
  id: 'flag',
  place: 'knee',
  side: 'left',
  note: 'stairs',
  fine: '',
  since: null,
  saidBy: '',
  state: 'new',
  usualPain: 0,
  ...change,
});
