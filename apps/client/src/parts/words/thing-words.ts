import type { Thing } from '@spalo/core/hour';
import type { Room } from '@spalo/core/room';
import { massText, type Unit } from '@spalo/core/unit';
import { furnitureWords } from './furniture-words';
import { implementName } from './implement-words';

/** A thing of a room, as the room calls it. */
export function thingName(thing: Thing, room: Room, unit: Unit): string {
  switch (thing.kind) {
    case 'furniture':
      return furnitureWords[thing.furniture].name;
    case 'dumbbell':
      return `Dumbbells ${massText(thing.loadG, unit)}`;
    case 'kettlebell':
      return `Kettlebells ${massText(thing.loadG, unit)}`;
    case 'bar':
      return implementName({ kind: 'barbell', barId: thing.barId }, room);
    case 'stack':
      return implementName({ kind: 'stack', stackId: thing.stackId }, room);
    case 'machine':
      return implementName({ kind: 'machine', machineId: thing.machineId }, room);
  }
}

/** The same in a sentence: furniture with its article. */
export const oneOf = (thing: Thing, room: Room, unit: Unit): string =>
  thing.kind === 'furniture' ? furnitureWords[thing.furniture].one : thingName(thing, room, unit);
