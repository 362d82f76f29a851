import {
  exactly,
  loadables,
  type Grams,
  type Implement,
  type Loadable,
  type Room,
} from '@spalo/core';

/** A load as it is built in a room, or null where the room has no such load. */
export const loadOf = (room: Room, implement: Implement, loadG: Grams): Loadable | null =>
  exactly(loadables(room, implement), loadG);
