import type { Lift } from '@spalo/core/lift';
import { teachingHere } from './here';

/** Every lift that is taught here, those of the studio last. */
export const allLifts = (): readonly Lift[] => teachingHere().lifts;

/** Those that are counted in reps: a belief about strength is held of them. The same list while nothing changes. */
export const repLifts = (): readonly Lift[] => teachingHere().repLifts;

export const findLift = (liftId: string): Lift | undefined => teachingHere().byId.get(liftId);

/** The lift with this id; throws RangeError for one that is not taught here. */
export function liftById(liftId: string): Lift {
  const lift = findLift(liftId);
  if (!lift) throw new RangeError(`No lift ${liftId} in the catalogue`);
  return lift;
}
