import { loadables, type Grams, type Implement, type Loadable, type Room } from '@spalo/core';

/** A load as it is built in a room, or undefined where the room has no such load. */
export const loadOf = (room: Room, implement: Implement, loadG: Grams): Loadable | undefined =>
  loadables(room, implement).find((load) => load.loadG === loadG);
