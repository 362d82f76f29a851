import { programmeLift } from '../packages/coaching/src/index';
import {
  handlingApart,
  handlingBetween,
  lightest,
  listed,
  loadables,
  nearest,
  plateImplement,
  planRamp,
  platesOf,
  rampKinds,
  shareBar,
  toGrams,
  windowsFor,
  type Build,
  type Loadable,
  type Plate,
  type RampRequest,
  type Room,
  type SharedSet,
} from '../packages/core/src/index';
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
    return nearest(listed(inside as Loadable[]), idealG)!.build;
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
twoClients(6);
twoClients(20);
