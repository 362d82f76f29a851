import { amid } from '@spalo/core/unit';
import { findLift } from '@spalo/catalog';
import { WAY_BACK, type LoadedLift } from '@spalo/core/session';

/** What to tell the client of a lift that goes round pain or comes back from it, in their words; null for the others. */
export function sayOf({ liftId, standsFor, wayBack }: LoadedLift): string | null {
  const name = amid(findLift(liftId)?.name ?? liftId);
  if (standsFor !== undefined) {
    const other = amid(findLift(standsFor)?.name ?? standsFor);
    return `“Today the ${name} instead of the ${other}: the same work, without what hurts. The ${other} comes back when it has settled.”`;
  }
  if (!wayBack) return null;
  const last = wayBack.step === WAY_BACK.length - 1;
  return last
    ? `“Nearly all the way back: if your ${wayBack.place} stays quiet until tomorrow, next time is as before.”`
    : `“Lighter than you can, on purpose. If your ${wayBack.place} stays quiet until tomorrow, we add a little next time.”`;
}
