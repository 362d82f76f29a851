import type { Lift } from '../lift/lift';
import { placesFor } from '../room/furniture';
import type { Implement } from '../room/implement';
import { canLoad, loadables } from './loadables';
import { atOrBelow } from './loads';
import type { Grams } from '../unit/mass';
import type { BarKind, Room } from '../room/room';

const barKinds: Partial<Record<Lift['implement'], readonly BarKind[]>> = {
  barbell: ['straight', 'short', 'specialty'],
  'trap bar': ['trap'],
  'EZ bar': ['EZ', 'short'],
};

/** The heaviest bar of some kinds that still leaves room for a light warm-up set under `targetG`, else the lightest. */
function chooseBar(room: Room, kinds: readonly BarKind[], targetG: Grams): string | null {
  for (const group of [kinds.slice(0, 1), kinds]) {
    const bars = room.bars
      .filter((bar) => group.includes(bar.kind))
      .sort((a, b) => a.massG - b.massG);
    const bar = bars.findLast((each) => each.massG <= targetG / 2);
    if (bar) return bar.id;
  }
  const usable = room.bars.filter((bar) => kinds.includes(bar.kind));
  return usable.sort((a, b) => a.massG - b.massG)[0]?.id ?? null;
}

/** Everything in the room that a lift could be done with, the usual thing first. */
function candidates(lift: Lift, room: Room, targetG: Grams, bodyMassG: Grams): Implement[] {
  const stacks = room.stacks.filter(
    (stack) =>
      lift.stations.includes(stack.station) && stack.assisted === (lift.implement === 'assisted'),
  );
  // The lift's own station comes first, whatever stands first in the room.
  stacks.sort((a, b) => lift.stations.indexOf(a.station) - lift.stations.indexOf(b.station));
  const ofStack = stacks.map(({ id }): Implement =>
    lift.implement === 'assisted'
      ? { kind: 'assisted', stackId: id, bodyG: bodyMassG }
      : { kind: 'stack', stackId: id },
  );
  const ofMachine = room.machines
    .filter((machine) => lift.stations.includes(machine.station))
    .map(({ id }): Implement => ({ kind: 'machine', machineId: id }));
  switch (lift.implement) {
    case 'dumbbell pair':
      return [{ kind: 'dumbbell', hands: 2 }];
    case 'single dumbbell':
      return [
        { kind: 'dumbbell', hands: 1 },
        { kind: 'kettlebell', hands: 1 },
      ];
    case 'kettlebell':
      return [
        { kind: 'kettlebell', hands: 1 },
        { kind: 'dumbbell', hands: 1 },
      ];
    case 'body':
      return [{ kind: 'body', bodyG: Math.round(lift.bodyShare * bodyMassG) }];
    case 'stack':
    case 'assisted':
      return [...ofStack, ...ofMachine];
    case 'machine':
      return [...ofMachine, ...ofStack];
    default: {
      const barId = chooseBar(room, barKinds[lift.implement] ?? [], targetG);
      return barId === null ? [] : [{ kind: 'barbell', barId }];
    }
  }
}

/** Everything in the room that a lift could be done with: each bar of its kind, or its bells, stacks and machines. */
export function implementsFor(lift: Lift, room: Room, bodyMassG: Grams): Implement[] {
  const kinds = barKinds[lift.implement];
  const found = kinds
    ? room.bars
        .filter((bar) => kinds.includes(bar.kind))
        .map((bar): Implement => ({ kind: 'barbell', barId: bar.id }))
    : candidates(lift, room, 0, bodyMassG);
  return found.filter((implement) => canLoad(room, implement));
}

/** What the lift is loaded with in this room for about `targetG`; null when the room has nothing for it. */
export function chooseImplement(
  lift: Lift,
  room: Room,
  targetG: Grams,
  bodyMassG: Grams,
): Implement | null {
  const able = candidates(lift, room, targetG, bodyMassG).filter((implement) =>
    canLoad(room, implement),
  );
  const close = (implement: Implement) => {
    const load = atOrBelow(loadables(room, implement), targetG)!.loadG;
    return load <= targetG ? targetG - load : Infinity;
  };
  // The usual thing, unless it cannot go that light and another can.
  return able.find((implement) => close(implement) < Infinity) ?? able[0] ?? null;
}

/** Whether a room has what this lift is done with, and a place for it. */
export const canBeDone = (lift: Lift, room: Room, bodyMassG: Grams): boolean =>
  placesFor(lift, room).length > 0 && chooseImplement(lift, room, 0, bodyMassG) !== null;
