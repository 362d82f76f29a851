import { programmeLift } from '../packages/coaching/src/index';
import { lightest, listed, loadables, nearest } from '../packages/core/src/loads/index';
import { handlingBetween, plateImplement } from '../packages/core/src/plates/index';
import { handlingApart, shareBar, type SharedSet } from '../packages/core/src/plates/loading';
import {
  platesOf,
  type Build,
  type Loadable,
  type Plate,
  type Room,
} from '../packages/core/src/room/index';
import { toGrams } from '../packages/core/src/unit/index';
import {
  planRamp,
  rampKinds,
  windowsFor,
  type RampRequest,
} from '../packages/core/src/warm-up/index';
import { seededRandom, type Random } from '../packages/simulator/src/index';

/**
 * Ramps solved with their plates against the nearest load for each ideal in turn, on random rooms, and how long a plan
 * takes; alone, and for two clients on one bar. SEED=… takes other cases.
 */
const random = seededRandom(Number(process.env.SEED ?? 404_404));
const CASES = Number(process.env.CASES ?? 500);
const print = (text: string) => process.stdout.write(`${text}\n`);
const quantile = (values: readonly number[], share: number): number =>
  [...values].sort((a, b) => a - b)[
    Math.min(values.length - 1, Math.floor(values.length * share))
  ]!;
const pick = <T>(list: readonly T[], from: Random): T =>
  list[Math.floor(from.unit() * list.length) % list.length]!;

const kilos: [number, number, number][] = [
  [25, 450, 52],
  [20, 450, 45],
  [15, 450, 38],
  [10, 450, 32],
  [7.5, 280, 30],
  [5, 230, 26],
  [2.5, 190, 20],
  [2, 180, 18],
  [1.5, 170, 16],
  [1.25, 160, 15],
  [1, 150, 13],
  [0.5, 130, 11],
];
const pounds: [number, number, number][] = [
  [55, 450, 48],
  [45, 450, 42],
  [35, 350, 38],
  [25, 300, 34],
  [10, 230, 26],
  [5, 200, 22],
  [2.5, 160, 18],
  [1.25, 140, 14],
];
const all = [
  ...kilos.map(([mass, ...size]) => [toGrams(mass, 'kg'), 'kg', ...size] as const),
  ...pounds.map(([mass, ...size]) => [toGrams(mass, 'lb'), 'lb', ...size] as const),
];

/** A room with one bar and some of the twenty kinds, two to six plates of each. */
function someRoom(kinds: number): Room {
  const taken = all
    .map((each) => ({ each, order: random.unit() }))
    .sort((a, b) => a.order - b.order)
    .slice(0, kinds);
  const plates = taken.map(({ each: [massG, unit, diameterMm, thicknessMm] }, at): Plate => ({
    id: `p${at}`,
    massG,
    unit,
    count: 2 * Math.ceil(random.unit() * 3),
    diameterMm,
    thicknessMm,
  }));
  const bar = {
    id: 'bar',
    name: 'Bar',
    kind: 'straight' as const,
    massG: toGrams(20, 'kg'),
    unit: 'kg' as const,
    sleeveMm: 415,
    count: 1,
    fits: null,
    handleMm: [],
  };
  return {
    id: 'room',
    name: 'Room',
    bars: [bar],
    plates,
    dumbbells: [],
    kettlebells: [],
    stacks: [],
    machines: [],
    bands: [],
    furniture: null,
  };
}

const { lift } = programmeLift('back-squat');
const implement = { kind: 'barbell' as const, barId: 'bar' };

function someRequest(room: Room): RampRequest {
  const loads = loadables(room, implement);
  // What a trainer would load: no more than five plates a side.
  let workingG = lightest(loads)!.loadG;
  for (let tries = 0; tries < 50; tries += 1) {
    const load = nearest(loads, toGrams(40 + random.unit() * 120, 'kg'))!;
    if (platesOf(load.build).length > 5) continue;
    workingG = load.loadG;
    break;
  }
  return {
    kind: pick(rampKinds, random),
    workingG,
    workingReps: pick([1, 3, 5, 6, 8, 10, 12], random),
    lift,
    room,
    implement,
    unit: 'kg',
  };
}

const movesOf = (builds: readonly Build[]) =>
  builds.reduce((sum, build, at) => sum + handlingBetween(builds[at - 1] ?? null, build).moves, 0);

/** Today's way: for each ideal the nearest load it permits, on the fewest plates. */
function inTurn(request: RampRequest): number {
  const loads = loadables(request.room, implement);
  const builds = windowsFor(request).map(({ window }) => {
    const { lowG, highG, idealG } = window;
    const below = loads.upTo(Math.min(idealG, highG));
    const above = loads.from(Math.max(idealG, lowG));
    const inside = [below, above].filter(
      (load) => load && load.loadG >= lowG && load.loadG <= highG,
    );
    // Where plates of both units are asked for near a load, the plain one may lie outside the window.
    const found =
      nearest(listed(inside as Loadable[]), idealG) ??
      loads.all().find((load) => load.loadG >= lowG && load.loadG <= highG)!;
    return found.build;
  });
  return movesOf([...builds, nearest(loads, request.workingG)!.build]);
}

function oneClient(label: string, kinds: () => number): void {
  const times: number[] = [];
  let [solved, turns, better, worse] = [0, 0, 0, 0];
  for (let at = 0; at < CASES; at += 1) {
    const request = someRequest(someRoom(kinds()));
    // As after the room changed: nothing that was worked out for it is known.
    const fresh = { ...request, room: structuredClone(request.room) };
    const start = performance.now();
    const { moves } = planRamp(fresh);
    times.push(performance.now() - start);
    const other = inTurn(request);
    solved += moves;
    turns += other;
    if (moves < other) better += 1;
    if (moves > other) worse += 1;
  }
  print(
    `${label}: ${solved} pairs handled against ${turns} in turn (ratio ${(solved / turns).toFixed(2)}), ` +
      `better in ${better}, worse in ${worse} of ${CASES}; a plan takes ${quantile(times, 0.5).toFixed(1)} ms median, ` +
      `${quantile(times, 0.95).toFixed(1)} ms p95`,
  );
}

/** A hall with five kinds of large plates and six small ones, eight of each: the room that used to take longest. */
function hall(): void {
  const sizes: [number, number, number][] = [
    [25, 450, 52],
    [20, 450, 45],
    [15, 450, 38],
    [10, 450, 32],
    [5, 450, 26],
    ...kilos.filter(([mass, wide]) => wide < 450 && mass < 7.5).slice(0, 6),
  ];
  const room: Room = {
    ...someRoom(1),
    plates: sizes.map(([mass, diameterMm, thicknessMm], at): Plate => ({
      id: `h${at}`,
      massG: toGrams(mass, 'kg'),
      unit: 'kg',
      count: 8,
      diameterMm,
      thicknessMm,
    })),
  };
  const times: number[] = [];
  for (const kind of rampKinds) {
    for (let kilo = 60; kilo <= 240; kilo += 2.5) {
      const workingReps = kind === 'top set' ? 1 : 8;
      const workingG = toGrams(kilo, 'kg');
      const fresh = structuredClone(room);
      const start = performance.now();
      planRamp({ kind, workingG, workingReps, lift, room: fresh, implement, unit: 'kg' });
      times.push(performance.now() - start);
    }
  }
  print(
    `A hall with eleven kinds, eight of each, every ramp from 60 to 240 kg: ${quantile(times, 0.5).toFixed(1)} ms ` +
      `median, ${quantile(times, 0.95).toFixed(1)} ms p95, ${Math.max(...times).toFixed(0)} ms at most`,
  );
}

/** Single sets and sleds with the pairs that a coach's own stacks take. */
function againstCoach(): void {
  const stock = (unit: 'kg' | 'lb', sizes: [number, number, number][]): Plate[] =>
    sizes.map(([mass, count, diameterMm]) => ({
      id: `${unit}${mass}`,
      massG: toGrams(mass, unit),
      unit,
      count,
      diameterMm,
      thicknessMm: 25,
    }));
  const kiloRoom: Room = {
    ...someRoom(1),
    plates: stock('kg', [
      [20, 10, 450],
      [10, 4, 450],
      [5, 4, 230],
      [2.5, 4, 190],
      [1.25, 4, 160],
    ]),
  };
  const poundPlates = stock('lb', [
    [45, 14, 450],
    [35, 2, 450],
    [25, 4, 450],
    [10, 4, 250],
    [5, 4, 200],
    [2.5, 4, 160],
  ]);
  const [bar] = kiloRoom.bars;
  const poundRoom: Room = {
    ...kiloRoom,
    bars: [{ ...bar!, massG: toGrams(45, 'lb'), unit: 'lb' }],
    plates: poundPlates,
    machines: [
      {
        id: 'sled',
        name: 'Sled',
        station: 'leg press',
        massG: toGrams(65, 'lb'),
        unit: 'lb',
        sleeveMm: 9999,
        horns: 2,
        fits: null,
      },
    ],
  };
  const cases: [string, Partial<RampRequest>, number, number][] = [
    ['a single of 107.5 kg', { room: kiloRoom, kind: 'top set', workingReps: 1 }, 107.5, 8],
    [
      'a single of 405 lb',
      { room: poundRoom, kind: 'top set', workingReps: 1, unit: 'lb' },
      405,
      6,
    ],
    [
      'a sled of 455 lb with a primer over it',
      {
        room: poundRoom,
        kind: 'build',
        primer: 'over',
        unit: 'lb',
        implement: { kind: 'machine', machineId: 'sled' },
      },
      455,
      9,
    ],
  ];
  for (const [name, change, mass, coach] of cases) {
    const base = {
      workingReps: 8,
      lift,
      implement,
      unit: 'kg',
      kind: 'build',
      room: kiloRoom,
    } as const;
    const asked: RampRequest = { ...base, workingG: 0, ...change };
    const loads = loadables(asked.room, asked.implement);
    const workingG = nearest(loads, toGrams(mass, asked.unit))!.loadG;
    print(
      `  ${name}: ${planRamp({ ...asked, workingG }).moves} pairs handled, a coach's own stacks take ${coach}`,
    );
  }
}

function setsOf(request: RampRequest): SharedSet[] {
  const { workingG } = request;
  const work = { window: { lowG: workingG, highG: workingG, idealG: workingG } };
  return [...windowsFor(request), work, work, work];
}

function stacksOf(request: RampRequest): Plate[][] {
  const { steps, working } = planRamp(request);
  return [...steps.map((step) => step.build), working, working, working].map(platesOf);
}

function twoClients(kinds: number): void {
  const times: number[] = [];
  let [together, apart] = [0, 0];
  for (let at = 0; at < CASES / 5; at += 1) {
    const room = someRoom(kinds);
    const requests = [someRequest(room), someRequest(room)] as const;
    const bar = plateImplement(room, implement)!;
    const sets = [setsOf(requests[0]), setsOf(requests[1])] as const;
    const start = performance.now();
    const { moves } = shareBar(bar, sets, 0, []);
    times.push(performance.now() - start);
    together += moves;
    apart += handlingApart([stacksOf(requests[0]), stacksOf(requests[1])], 0, []);
  }
  print(
    `Two clients on one bar, ${kinds} kinds: ${together} pairs handled together against ${apart} apart ` +
      `(ratio ${(together / apart).toFixed(2)}); ${quantile(times, 0.5).toFixed(0)} ms median, ` +
      `${quantile(times, 0.95).toFixed(0)} ms p95, ${Math.max(...times).toFixed(0)} ms at most of ${times.length}`,
  );
}

print(`Ramps with their plates, ${CASES} random cases`);
oneClient('4 to 8 kinds of plates', () => 4 + Math.floor(random.unit() * 5));
oneClient('20 kinds of plates', () => 20);
hall();
againstCoach();
twoClients(6);
twoClients(20);
