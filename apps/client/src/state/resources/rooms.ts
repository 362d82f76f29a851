import type { Room } from '@spalo/core/room';
import type { Entry } from '../log/journal-store';
import { changesAmong, laidOver, type Overlays } from './overlays';

const roomOverlays: Overlays<Room, 'putRoom' | 'deleteRoom'> = {
  putRoom(rooms, { params: { id }, body }) {
    rooms.set(id, { furniture: null, ...body, id });
  },
  deleteRoom(rooms, { params: { id } }) {
    rooms.delete(id);
  },
};

/** Rooms as the server has them, with what this device has changed and not yet sent. */
export const overlayRooms = (served: readonly Room[], waiting: readonly Entry[]): Room[] =>
  [...laidOver(served, changesAmong(waiting), roomOverlays).values()].sort(
    (a, b) => a.name.localeCompare(b.name) || (a.id < b.id ? -1 : 1),
  );
