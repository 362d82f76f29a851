import type { Build, Implement, Loadable } from '../room/implement';
import type { Plate, Room } from '../room/room';
import type { Grams, Unit } from '../unit/mass';
import { ADDED_MM, fitting } from './bar-sleeve';
import { plainPlates } from './plain-plates';
import { platePath, type PlatePath } from './path';
import type { SleeveStock, SleeveTarget } from './sleeve-target';

/** Something that is loaded with plates: load = empty + `times` × what one sleeve carries. */
export interface PlateImplement {
  stock: SleeveStock;
  /** Its own unit: where a room has plates of both, those of this one are plain. */
  unit: Unit;
  emptyG: Grams;
  times: 1 | 2;
  build: (stack: Plate[]) => Build;
}

/** How a lift's implement takes plates in a room; null for bells and stacks, and for what the room lacks. */
export function plateImplement(room: Room, implement: Implement): PlateImplement | null {
  switch (implement.kind) {
    case 'barbell': {
      const bar = room.bars.find((each) => each.id === implement.barId);
      if (!bar) return null;
      return {
        stock: { plates: fitting(room.plates, bar.fits), share: 2, sleeveMm: bar.sleeveMm },
        unit: bar.unit,
        emptyG: bar.massG,
        times: 2,
        build: (perSide) => ({ kind: 'barbell', bar, perSide, hands: 1 }),
      };
    }
    case 'machine': {
      const machine = room.machines.find((each) => each.id === implement.machineId);
      if (!machine) return null;
      return {
        stock: {
          plates: fitting(room.plates, machine.fits),
          share: machine.horns,
          sleeveMm: machine.sleeveMm,
        },
        unit: machine.unit,
        emptyG: machine.massG,
        times: machine.horns,
        build: (perSide) => ({ kind: 'machine', machine, perSide }),
      };
    }
    case 'body':
      return {
        stock: { plates: room.plates, share: 1, sleeveMm: ADDED_MM },
        unit: 'kg',
        emptyG: implement.bodyG,
        times: 1,
        build: (added) => ({ kind: 'body', added }),
      };
    default:
      return null;
  }
}

/** What the implement weighs with a stack on each sleeve, as a load that exists. */
export const loadWith = ({ emptyG, times, build }: PlateImplement, stack: Plate[]): Loadable => ({
  loadG: emptyG + times * stack.reduce((sum, plate) => sum + plate.massG, 0),
  build: build(stack),
});

/** Loads that a set may have, and the one it would best have; in grams, implement included. */
export interface LoadWindow {
  lowG: Grams;
  highG: Grams;
  idealG: Grams;
}

/** The window of a set whose load is fixed. */
export const fixedAt = (loadG: Grams): LoadWindow => ({ lowG: loadG, highG: loadG, idealG: loadG });

/** The window as one sleeve sees it. */
function onSleeve({ emptyG, times }: PlateImplement, window: LoadWindow): SleeveTarget {
  return {
    lowG: Math.ceil((window.lowG - emptyG) / times),
    highG: Math.floor((window.highG - emptyG) / times),
    idealG: (window.idealG - emptyG) / times,
  };
}

/** Adjustable handles for a lift with bells, `hands` of them alike. */
export const handlesFor = (room: Room, hands: 1 | 2): PlateImplement[] =>
  room.bars
    .filter((bar) => bar.kind === 'handle' && bar.count >= hands)
    .map((bar) => ({
      stock: {
        plates: fitting(room.plates, bar.fits),
        share: 2 * hands,
        sleeveMm: bar.sleeveMm,
      },
      unit: bar.unit,
      emptyG: bar.massG,
      times: 2,
      build: (perSide) => ({ kind: 'barbell', bar, perSide, hands }),
    }));

/**
 * The least handling through some windows, from the plates that stand on the implement; of ways that take as many
 * moves, one with plates of one unit. Throws RangeError where a window holds no load.
 */
export function pathOn(
  implement: PlateImplement,
  windows: readonly LoadWindow[],
  standing: readonly Plate[],
): PlatePath {
  const targets = windows.map((window) => onSleeve(implement, window));
  const { stock, unit } = implement;
  const found = platePath(targets, stock, standing);
  const plain = plainPlates(stock.plates, unit);
  if (!plain || standing.some((plate) => plate.unit !== unit)) return found;
  const easy = perhaps(() => platePath(targets, { ...stock, plates: plain }, standing));
  return easy && easy.moves <= found.moves ? easy : found;
}

/** What a search finds, or null where a window holds nothing. */
export function perhaps<T>(search: () => T): T | null {
  try {
    return search();
  } catch (error) {
    if (error instanceof RangeError) return null;
    throw error;
  }
}
