import { implementKey, type Implement } from '../room/implement';
import type { Plate, Room } from '../room/room';
import { keeper } from '../unit/keeper';
import type { Unit } from '../unit/mass';
import { barLoads } from './bars';
import { dumbbellLoads, kettlebellLoads } from './bells';
import { bodyLoads } from './body';
import { lightest, noLoads, type Loads } from './loads';
import { machineLoads } from './machines';
import { plainPlates } from '../plates/plain-plates';
import { plainFirst } from './plain';
import { assistedLoads, stackLoads } from './stacks';

/** What plates make of an implement, those of its own unit first. */
function ofPlates(
  plates: readonly Plate[],
  unit: Unit,
  loads: (from: readonly Plate[]) => Loads,
): Loads {
  const plain = plainPlates(plates, unit);
  return plain ? plainFirst(loads(plates), loads(plain)) : loads(plates);
}

function find(room: Room, implement: Implement): Loads {
  switch (implement.kind) {
    case 'barbell': {
      const bar = room.bars.find((each) => each.id === implement.barId);
      return bar ? ofPlates(room.plates, bar.unit, (plates) => barLoads(bar, plates)) : noLoads;
    }
    case 'machine': {
      const machine = room.machines.find((each) => each.id === implement.machineId);
      return machine
        ? ofPlates(room.plates, machine.unit, (plates) => machineLoads(machine, plates))
        : noLoads;
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
