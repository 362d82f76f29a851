import type { Drill } from '@spalo/core/warm-up';
import { activateDrills } from './activate';
import { mobiliseDrills } from './mobilise';
import { raiseDrills } from './raise';
import { catalogueLifts } from '../facts/lifts';
import { rehearsalOf, rungDrills } from './rehearse';
import { retiredDrills } from './retired';

/** Every drill of the general part, the usual one first within its job and range. */
export const drills: readonly Drill[] = [
  ...raiseDrills,
  ...mobiliseDrills,
  ...activateDrills,
  ...rungDrills,
  ...catalogueLifts
    .filter((lift) => !rungDrills.some((drill) => drill.liftIds.includes(lift.id)))
    .map(rehearsalOf),
];

const byId = new Map(drills.map((each) => [each.id, each]));

/** The drill of the catalogue with this id, or the one that took its place; undefined for one that was never there. */
export const catalogueDrill = (drillId: string): Drill | undefined =>
  byId.get(drillId) ?? byId.get(retiredDrills[drillId] ?? '');
