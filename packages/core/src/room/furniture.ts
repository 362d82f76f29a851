import type { Lift } from '../lift/lift';
import type { FurnitureKind, Place } from '../lift/places';
import type { Room } from './room';

/** The floor is all that most lifts need. */
const ANYWHERE: readonly Place[] = [[]];

/** How many of a kind a room has; as many as anybody wants where nobody has said what stands there. */
export function standing({ furniture }: Pick<Room, 'furniture'>, kind: FurnitureKind): number {
  // What a device kept of before furniture was known has none either.
  if (!furniture) return Infinity;
  return furniture.filter((each) => each.kind === kind).reduce((sum, { count }) => sum + count, 0);
}

/** The places of a room where a lift can be done, the usual one first; none where it lacks what each of them takes. */
export function placesFor({ places = ANYWHERE }: Lift, room: Pick<Room, 'furniture'>): Place[] {
  return places.filter((place) => place.every((kind) => standing(room, kind) > 0));
}

/** What a room lacks for a lift at its usual place; empty where it can be done somewhere in it. */
export function lacking(lift: Lift, room: Pick<Room, 'furniture'>): FurnitureKind[] {
  if (placesFor(lift, room).length > 0) return [];
  const [usual = []] = lift.places ?? ANYWHERE;
  return usual.filter((kind) => standing(room, kind) === 0);
}
