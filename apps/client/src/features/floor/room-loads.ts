import { loadables, type Implement, type Loadable, type Room } from '@spalo/core';

const known = new WeakMap<Room, Map<string, Loadable[]>>();

/**
 * The loads of an implement in a room, worked out once for each room as it was fetched: the floor asks for them at
 * every tap, and a bar with many plates has thousands of stacks behind it.
 */
export function roomLoads(room: Room, implement: Implement): Loadable[] {
  const key = implement.kind === 'barbell' ? implement.barId : `dumbbells/${implement.hands}`;
  const ofRoom = known.get(room) ?? new Map<string, Loadable[]>();
  known.set(room, ofRoom);
  const loads = ofRoom.get(key) ?? loadables(room, implement);
  ofRoom.set(key, loads);
  return loads;
}
