import type { Drill } from '@spalo/core';
import { activateDrills } from './activate';
import { mobiliseDrills } from './mobilise';
import { raiseDrills } from './raise';
import { lifts } from '../facts/lifts';
import { rehearsalOf, rungDrills } from './rehearse';
import { retiredDrills } from './retired';

/** Every drill of the general part, the usual one first within its job and range. */
export const drills: readonly Drill[] = [
  ...raiseDrills,
  ...mobiliseDrills,
  ...activateDrills,
  ...rungDrills,
  ...lifts
    .filter((lift) => !rungDrills.some((drill) => drill.liftIds.includes(lift.id)))
    .map(rehearsalOf),
];

const byId = new Map(drills.map((each) => [each.id, each]));

/** The drill with this id, or the one that took its place; undefined for one that was never there. */
export const findDrill = (drillId: string): Drill | undefined =>
  byId.get(drillId) ?? byId.get(retiredDrills[drillId] ?? '');
