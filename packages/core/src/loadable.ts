import type { Grams } from './mass';
import type { Barbell, Dumbbell, Kettlebell, Machine, Plate, Room, Stack } from './room';
import { sleeveOf, type Sleeve } from './sleeve';

/**
 * How a load is built. `perSide` is inner to outer. A bar that is an adjustable handle is taken `hands` times;
 * `pinG` and `addOnsG` are what is set on a stack; `added` is what a body carries besides itself.
 */
export type Build =
  | { kind: 'barbell'; bar: Barbell; perSide: Plate[]; hands: 1 | 2 }
  | { kind: 'machine'; machine: Machine; perSide: Plate[] }
  | { kind: 'dumbbell'; dumbbell: Dumbbell; hands: 1 | 2 }
  | { kind: 'kettlebell'; kettlebell: Kettlebell; hands: 1 | 2 }
  | { kind: 'stack'; stack: Stack; pinG: Grams; addOnsG: Grams[] }
  | { kind: 'body'; added: Plate[] };

/** The plates of a build, inner to outer, on one sleeve; none for what is not loaded with plates. */
export function platesOf(build: Build): Plate[] {
  switch (build.kind) {
    case 'barbell':
    case 'machine':
      return build.perSide;
    case 'body':
      return build.added;
    default:
      return [];
  }
}

/** A load that exists in a room, and how to build it. */
export interface Loadable {
  loadG: Grams;
  readonly build: Build;
}

/**
 * What a lift is loaded with. `bodyG` is what the client's body adds: its mass for an assisted stack, which takes
 * off from it, or the share of it that the movement lifts.
 */
export type Implement =
  | { kind: 'barbell'; barId: string }
  | { kind: 'machine'; machineId: string }
  | { kind: 'dumbbell'; hands: 1 | 2 }
  | { kind: 'kettlebell'; hands: 1 | 2 }
  | { kind: 'stack'; stackId: string }
  | { kind: 'assisted'; stackId: string; bodyG: Grams }
  | { kind: 'body'; bodyG: Grams };

/** What can hang from a belt or lie on a back, in millimetres of plates. */
export const ADDED_MM = 150;

/** The plates that fit; `fits` null means all. */
export const fitting = (plates: readonly Plate[], fits: string[] | null) =>
  fits === null ? plates : plates.filter((plate) => fits.includes(plate.id));

const byLoad = (a: Loadable, b: Loadable) => a.loadG - b.loadG;

/** A load whose plates are worked out when they are asked for. */
function lazily(loadG: Grams, build: () => Build): Loadable {
  let made: Build | null = null;
  return {
    loadG,
    get build() {
      made ??= build();
      return made;
    },
  };
}

/** One of each mass, the first given one where several have it. */
function distinct(loads: Loadable[]): Loadable[] {
  const byMass = new Map<Grams, Loadable>();
  for (const load of loads) if (!byMass.has(load.loadG)) byMass.set(load.loadG, load);
  return [...byMass.values()].sort(byLoad);
}

const sleeves = new WeakMap<readonly Plate[], Map<string, Sleeve>>();

/** What one sleeve of a bar can carry from this stock; worked out once for a stock, which is never changed in place. */
export function barSleeve(bar: Barbell, plates: readonly Plate[], hands: 1 | 2 = 1): Sleeve {
  const ofStock = sleeves.get(plates) ?? new Map<string, Sleeve>();
  sleeves.set(plates, ofStock);
  const key = `${bar.sleeveMm}/${hands}/${bar.fits?.join() ?? ''}`;
  const sleeve = ofStock.get(key) ?? sleeveOf(fitting(plates, bar.fits), 2 * hands, bar.sleeveMm);
  ofStock.set(key, sleeve);
  return sleeve;
}

/** The loads of one bar, or of two equal handles, ascending; each with the fewest plates. */
export function barLoads(bar: Barbell, plates: readonly Plate[], hands: 1 | 2 = 1): Loadable[] {
  const sleeve = barSleeve(bar, plates, hands);
  return sleeve.all().map((sum) =>
    lazily(bar.massG + 2 * sum, () => ({
      kind: 'barbell',
      bar,
      perSide: sleeve.plates(sum),
      hands,
    })),
  );
}

function machineLoads(machine: Machine, plates: readonly Plate[]): Loadable[] {
  const sleeve = sleeveOf(fitting(plates, machine.fits), machine.horns, machine.sleeveMm);
  return sleeve.all().map((sum) =>
    lazily(machine.massG + machine.horns * sum, () => ({
      kind: 'machine',
      machine,
      perSide: sleeve.plates(sum),
    })),
  );
}

/** Bells of the list first, then what adjustable handles add. */
function dumbbellLoads(room: Room, hands: 1 | 2): Loadable[] {
  const bells = room.dumbbells
    .filter((dumbbell) => dumbbell.count >= hands)
    .map((dumbbell): Loadable => ({
      loadG: dumbbell.massG,
      build: { kind: 'dumbbell', dumbbell, hands },
    }));
  const handles = room.bars
    .filter((bar) => bar.kind === 'handle' && bar.count >= hands)
    .flatMap((bar) => barLoads(bar, room.plates, hands));
  return distinct([...bells, ...handles]);
}

function kettlebellLoads(kettlebells: readonly Kettlebell[], hands: 1 | 2): Loadable[] {
  return distinct(
    kettlebells
      .filter((kettlebell) => kettlebell.count >= hands)
      .map((kettlebell) => ({
        loadG: kettlebell.massG,
        build: { kind: 'kettlebell', kettlebell, hands },
      })),
  );
}

function subsets(masses: readonly Grams[]): Grams[][] {
  return masses.reduce<Grams[][]>(
    (found, mass) => [...found, ...found.map((each) => [...each, mass])],
    [[]],
  );
}

/** Fewest add-ons first, so that they win where two settings weigh the same. */
function stackLoads(stack: Stack): Loadable[] {
  const extras = subsets(stack.addOnsG).sort((a, b) => a.length - b.length);
  const settings = extras.flatMap((addOnsG) =>
    Array.from({ length: stack.count }, (_, index) => {
      const pinG = stack.firstG + index * stack.stepG;
      const sum = addOnsG.reduce((total, mass) => total + mass, pinG);
      return {
        loadG: Math.round(sum * stack.ratio),
        build: { kind: 'stack' as const, stack, pinG, addOnsG },
      };
    }),
  );
  return distinct(settings);
}

function assistedLoads(stack: Stack, bodyG: Grams): Loadable[] {
  return stackLoads(stack)
    .map(({ loadG, build }) => ({ loadG: bodyG - loadG, build }))
    .filter((load) => load.loadG > 0)
    .sort(byLoad);
}

function bodyLoads(plates: readonly Plate[], bodyG: Grams): Loadable[] {
  const sleeve = sleeveOf(plates, 1, ADDED_MM);
  return sleeve
    .all()
    .map((sum) => lazily(bodyG + sum, () => ({ kind: 'body', added: sleeve.plates(sum) })));
}

function find(room: Room, implement: Implement): Loadable[] {
  switch (implement.kind) {
    case 'barbell': {
      const bar = room.bars.find((each) => each.id === implement.barId);
      return bar ? barLoads(bar, room.plates) : [];
    }
    case 'machine': {
      const machine = room.machines.find((each) => each.id === implement.machineId);
      return machine ? machineLoads(machine, room.plates) : [];
    }
    case 'dumbbell':
      return dumbbellLoads(room, implement.hands);
    case 'kettlebell':
      return kettlebellLoads(room.kettlebells, implement.hands);
    case 'stack': {
      const stack = room.stacks.find((each) => each.id === implement.stackId);
      return stack ? stackLoads(stack) : [];
    }
    case 'assisted': {
      const stack = room.stacks.find((each) => each.id === implement.stackId);
      return stack ? assistedLoads(stack, implement.bodyG) : [];
    }
    case 'body':
      return bodyLoads(room.plates, implement.bodyG);
  }
}

const known = new WeakMap<Room, Map<string, Loadable[]>>();

/**
 * Every load that `implement` can take in `room`, ascending, each built with the fewest plates or add-ons.
 * For a pair the load is the mass of one. Empty when the room lacks the implement. A room is never changed in place,
 * so what was worked out for it is kept with it.
 */
export function loadables(room: Room, implement: Implement): Loadable[] {
  const ofRoom = known.get(room) ?? new Map<string, Loadable[]>();
  known.set(room, ofRoom);
  const key = Object.values(implement).join('/');
  const loads = ofRoom.get(key) ?? find(room, implement);
  ofRoom.set(key, loads);
  return loads;
}

/** Index of the heaviest load not above `targetG`, or −1. */
function indexUpTo(loads: readonly Loadable[], targetG: number): number {
  let low = 0;
  let high = loads.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (loads[middle]!.loadG <= targetG) low = middle + 1;
    else high = middle;
  }
  return low - 1;
}

/** The heaviest load not above `targetG`; the lightest there is when all are above; null when none exist. */
export function atOrBelow(loads: readonly Loadable[], targetG: Grams): Loadable | null {
  return loads[Math.max(0, indexUpTo(loads, targetG))] ?? null;
}

/** The load closest to `targetG`, the lighter one on a tie; null when none exist. */
export function nearest(loads: readonly Loadable[], targetG: Grams): Loadable | null {
  const at = indexUpTo(loads, targetG);
  const below = loads[at];
  const above = loads[at + 1];
  if (!below || !above) return below ?? above ?? null;
  return above.loadG - targetG < targetG - below.loadG ? above : below;
}

/** The next heavier load than `fromG`, or null at the top of what the room has. */
export function stepUp(loads: readonly Loadable[], fromG: Grams): Loadable | null {
  return loads[indexUpTo(loads, fromG) + 1] ?? null;
}

/** The next lighter load than `fromG`, or null at the bottom. */
export function stepDown(loads: readonly Loadable[], fromG: Grams): Loadable | null {
  const at = indexUpTo(loads, fromG);
  return (loads[at]?.loadG === fromG ? loads[at - 1] : loads[at]) ?? null;
}
