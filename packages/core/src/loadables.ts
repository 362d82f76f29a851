import { keeper } from './kept';
import { implementKey, type Implement, type Loadable } from './loadable';
import { lightest, listed, merged, noLoads, plated, type Loads } from './loads';
import type { Grams } from './mass';
import type { Barbell, Kettlebell, Machine, Plate, Room, Stack } from './room';
import { sleeveOf, type Sleeve } from './sleeve';

/** What can hang from a belt or lie on a back, in millimetres of plates. */
export const ADDED_MM = 150;

/** The plates that fit; `fits` null means all. */
export const fitting = (plates: readonly Plate[], fits: string[] | null) =>
  fits === null ? plates : plates.filter((plate) => fits.includes(plate.id));

const sleeves = keeper<readonly Plate[], Sleeve>();

/** What one sleeve of a bar can carry from this stock; worked out once for a stock, which is never changed in place. */
export function barSleeve(bar: Barbell, plates: readonly Plate[], hands: 1 | 2 = 1): Sleeve {
  return sleeves(plates, `${bar.sleeveMm}/${hands}/${bar.fits?.join() ?? ''}`, () =>
    sleeveOf(fitting(plates, bar.fits), 2 * hands, bar.sleeveMm),
  );
}

/** The loads of one bar, or of two equal handles; each with the fewest plates. */
function barLoads(bar: Barbell, plates: readonly Plate[], hands: 1 | 2 = 1): Loads {
  return plated(barSleeve(bar, plates, hands), bar.massG, 2, (perSide) => ({
    kind: 'barbell',
    bar,
    perSide,
    hands,
  }));
}

function machineLoads(machine: Machine, plates: readonly Plate[]): Loads {
  const sleeve = sleeveOf(fitting(plates, machine.fits), machine.horns, machine.sleeveMm);
  return plated(sleeve, machine.massG, machine.horns, (perSide) => ({
    kind: 'machine',
    machine,
    perSide,
  }));
}

/** Bells of the list first, then what adjustable handles add. */
function dumbbellLoads(room: Room, hands: 1 | 2): Loads {
  const bells = room.dumbbells
    .filter((dumbbell) => dumbbell.count >= hands)
    .map((dumbbell): Loadable => ({
      loadG: dumbbell.massG,
      build: { kind: 'dumbbell', dumbbell, hands },
    }));
  const handles = room.bars
    .filter((bar) => bar.kind === 'handle' && bar.count >= hands)
    .map((bar) => barLoads(bar, room.plates, hands));
  return merged([listed(bells), ...handles]);
}

function kettlebellLoads(kettlebells: readonly Kettlebell[], hands: 1 | 2): Loads {
  return listed(
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
function stackLoads(stack: Stack): Loads {
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
  return listed(settings);
}

function assistedLoads(stack: Stack, bodyG: Grams): Loads {
  return listed(
    stackLoads(stack)
      .all()
      .map(({ loadG, build }) => ({ loadG: bodyG - loadG, build }))
      .filter((load) => load.loadG > 0),
  );
}

const bodyLoads = (plates: readonly Plate[], bodyG: Grams): Loads =>
  plated(sleeveOf(plates, 1, ADDED_MM), bodyG, 1, (added) => ({ kind: 'body', added }));

function find(room: Room, implement: Implement): Loads {
  switch (implement.kind) {
    case 'barbell': {
      const bar = room.bars.find((each) => each.id === implement.barId);
      return bar ? barLoads(bar, room.plates) : noLoads;
    }
    case 'machine': {
      const machine = room.machines.find((each) => each.id === implement.machineId);
      return machine ? machineLoads(machine, room.plates) : noLoads;
    }
    case 'dumbbell':
      return dumbbellLoads(room, implement.hands);
    case 'kettlebell':
      return kettlebellLoads(room.kettlebells, implement.hands);
    case 'stack': {
      const stack = room.stacks.find((each) => each.id === implement.stackId);
      return stack ? stackLoads(stack) : noLoads;
    }
    case 'assisted': {
      const stack = room.stacks.find((each) => each.id === implement.stackId);
      return stack ? assistedLoads(stack, implement.bodyG) : noLoads;
    }
    case 'body':
      return bodyLoads(room.plates, implement.bodyG);
  }
}

const known = keeper<Room, Loads>();

/**
 * The loads that `implement` can take in `room`, each built with the fewest plates or add-ons. For a pair the load is
 * the mass of one. None when the room lacks the implement. A room is never changed in place, so what was worked out
 * for it is kept with it.
 */
export const loadables = (room: Room, implement: Implement): Loads =>
  known(room, implementKey(implement), () => find(room, implement));

/** Whether a room has anything to load this implement with, its own mass included. */
export const canLoad = (room: Room, implement: Implement) =>
  lightest(loadables(room, implement)) !== null;
