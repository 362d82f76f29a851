import type { Room } from '../room/room';
import { keeper } from '../unit/keeper';

/** Plates on bars and machines that others are at, in single plates by id, and whose sessions those are. */
export interface TakenPlates {
  plates: ReadonlyMap<string, number>;
  sessionIds: string[];
}

/** The same text for the same plates taken by the same sessions. */
export const takenKey = ({ plates, sessionIds }: TakenPlates): string =>
  [...[...plates].map(([id, count]) => `${id}:${count}`), ...sessionIds].sort().join();

const known = keeper<Room, Room>();

/**
 * The room with the plates that are left; the room itself where none are taken. One room for one answer, so that what
 * is worked out for a room is kept with it.
 */
export function roomWithout(room: Room, taken: TakenPlates): Room {
  if (taken.plates.size === 0) return room;
  return known(room, takenKey({ ...taken, sessionIds: [] }), () => ({
    ...room,
    plates: room.plates
      .map((plate) => ({ ...plate, count: plate.count - (taken.plates.get(plate.id) ?? 0) }))
      .filter((plate) => plate.count > 0),
  }));
}
