import { findLift } from '@spalo/catalog';
import { partnerOf, type LiftPlan } from '@spalo/core/session';
import { within } from '../../design/sentence';

/** Which lift another is done in turn with, in words; empty where it is done alone. */
export function inTurnWith<Of extends { plan: LiftPlan }>(lift: Of, lifts: readonly Of[]): string {
  const partner = partnerOf(lift, lifts)?.plan.liftId;
  return partner === undefined ? '' : `in turn with ${within(findLift(partner)?.name ?? partner)}`;
}
