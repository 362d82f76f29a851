import { countedSets } from '@spalo/core/session';
import type { Grams } from '@spalo/core/unit';
import { stepsAhead, workingLoad, type LiftView } from './lift-view';

/** What is asked of a lift's working sets today, and with what. */
export interface AskedToday {
  sets: number;
  reps: number;
  targetRir: number;
  loadG: Grams;
  restS: number;
  /** A drop follows the last of them at once, at this load; null without one. */
  dropG: Grams | null;
}

/** What is asked of a lift's working sets as it stands. */
export function askedNow(view: LiftView): AskedToday {
  const { plan } = view.state;
  const next = stepsAhead(view).find(({ kind }) => kind === 'working');
  const done = countedSets(view.state, 'working').length;
  const ahead = stepsAhead(view).filter(({ kind }) => kind === 'working').length;
  return {
    sets: Math.max(1, done + ahead),
    reps: next?.reps ?? plan.reps,
    targetRir: plan.targetRir,
    loadG: workingLoad(view),
    restS: next?.restS ?? 0,
    dropG: stepsAhead(view).find(({ kind }) => kind === 'drop')?.loadG ?? null,
  };
}
