import { amid } from '@spalo/core/unit';
import { findLift } from '@spalo/catalog';
import { partnerOf, type LiftPlan } from '@spalo/core/session';

/** Which lift another is done in turn with, in words; empty where it is done alone. */
export function inTurnWith<Of extends { plan: LiftPlan }>(lift: Of, lifts: readonly Of[]): string {
  const partner = partnerOf(lift, lifts)?.plan.liftId;
  return partner === undefined ? '' : `alternates with ${amid(findLift(partner)?.name ?? partner)}`;
}
