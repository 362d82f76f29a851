import { findLift } from '@spalo/catalog';
import type { Lift } from '@spalo/core/lift';
import type { SessionState } from '@spalo/core/session';
import { isWarm } from '@spalo/core/warm-up';

/** Lifts of a session that come after others of the same muscles; those skipped warm nobody. */
export function warmLifts(session: Pick<SessionState, 'lifts'>): Set<string> {
  const warm = new Set<string>();
  const before: Lift[] = [];
  for (const { plan, skipped } of session.lifts) {
    const lift = findLift(plan.liftId);
    if (!lift) continue;
    if (isWarm(lift, before)) warm.add(lift.id);
    if (!skipped) before.push(lift);
  }
  return warm;
}
