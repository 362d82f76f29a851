import type { FurnitureKind, Place } from '../../lift/places';
import { loadables } from '../../loads/loadables';
import { exactly } from '../../loads/loads';
import { standing } from '../../room/furniture';
import { implementKey, type Implement } from '../../room/implement';
import type { Room } from '../../room/room';
import { keeper } from '../../unit/keeper';
import type { Grams } from '../../unit/mass';

/** What a client's session wants of a room: an implement for a lift, a place to do it at, and when. */
export interface Want {
  bookingId: string;
  liftId: string;
  implement: Implement;
  loadG: Grams;
  /** Where the lift can be done in this room, the usual place first; one of them is taken. */
  places: readonly Place[];
  /** From when to when it is likely wanted, seconds of the hour. */
  fromS: number;
  toS: number;
}

/** A thing of a room that clients may want at the same time. Bells of one mass are one thing, in one hand or two. */
export type Thing =
  | { kind: 'bar'; barId: string }
  | { kind: 'dumbbell' | 'kettlebell'; loadG: Grams }
  | { kind: 'stack'; stackId: string }
  | { kind: 'machine'; machineId: string }
  | { kind: 'furniture'; furniture: FurnitureKind };

/** So many of a thing; `key` is the same for the same thing. */
export interface Taken {
  thing: Thing;
  key: string;
  count: number;
}

export const taken = (thing: Thing, count: number): Taken => ({
  thing,
  key: Object.values(thing).join('/'),
  count,
});

function takenToLoad({ implement, loadG }: Pick<Want, 'implement' | 'loadG'>, room: Room): Taken[] {
  switch (implement.kind) {
    case 'body':
      return [];
    case 'barbell':
      return [taken({ kind: 'bar', barId: implement.barId }, 1)];
    case 'machine':
      return [taken({ kind: 'machine', machineId: implement.machineId }, 1)];
    case 'stack':
    case 'assisted':
      return [taken({ kind: 'stack', stackId: implement.stackId }, 1)];
    default: {
      const { kind, hands } = implement;
      const build = exactly(loadables(room, implement), loadG)?.build;
      return build?.kind === 'barbell'
        ? [taken({ kind: 'bar', barId: build.bar.id }, hands)]
        : [taken({ kind, loadG }, hands)];
    }
  }
}

const known = keeper<Room, readonly Taken[]>();

/** What one client takes of a room to load a lift; nothing where the body is all. Handles that bells are built on are bars. */
export const loadedWith = (want: Pick<Want, 'implement' | 'loadG'>, room: Room) =>
  known(room, `${implementKey(want.implement)}/${want.loadG}`, () => takenToLoad(want, room));

/** How many of a thing a room has. */
export function thereOf(thing: Thing, room: Room): number {
  switch (thing.kind) {
    case 'bar':
      return room.bars.find(({ id }) => id === thing.barId)?.count ?? 0;
    case 'furniture':
      return standing(room, thing.furniture);
    case 'dumbbell':
    case 'kettlebell':
      return (thing.kind === 'dumbbell' ? room.dumbbells : room.kettlebells)
        .filter(({ massG }) => massG === thing.loadG)
        .reduce((sum, { count }) => sum + count, 0);
    default:
      return 1;
  }
}
