import type { Lift } from '@spalo/core';
import { armLifts } from './arm';
import { calfLifts } from './calf';
import { hingeLifts } from './hinge';
import { hipLifts } from './hip';
import { kneeLifts } from './knee';
import { lungeLifts } from './lunge';
import { pressLifts } from './press';
import { pullLifts } from './pull';
import { pushLifts } from './push';
import { rowLifts } from './row';
import { shoulderLifts } from './shoulder';
import { squatLifts } from './squat';

/** Every loaded lift, by pattern. */
export const lifts: readonly Lift[] = [
  ...squatLifts,
  ...lungeLifts,
  ...hingeLifts,
  ...hipLifts,
  ...kneeLifts,
  ...calfLifts,
  ...pushLifts,
  ...pressLifts,
  ...rowLifts,
  ...pullLifts,
  ...shoulderLifts,
  ...armLifts,
];

const byId = new Map(lifts.map((lift) => [lift.id, lift]));

export const findLift = (liftId: string): Lift | undefined => byId.get(liftId);

/** The lift with this id; throws RangeError for one that the catalogue does not hold. */
export function liftById(liftId: string): Lift {
  const lift = findLift(liftId);
  if (!lift) throw new RangeError(`No lift ${liftId} in the catalogue`);
  return lift;
}
