import type { SetResult } from '@spalo/core/session';
import type { Unit } from '@spalo/core/unit';
import { loadReps, rirText } from './load-words';

/** What a correction changed, in words. */
export function correctionText(before: SetResult, unit: Unit): string {
  const left = rirText(before.rir);
  return `was ${loadReps(before.loadG, before.cleanReps, unit)} clean${before.cleanReps === before.reps ? '' : ` of ${before.reps}`}${left ? `, ${left}` : ''}`;
}
