import { faultOf, findLift, type TaughtFault } from '@spalo/catalog';
import type { Lift } from '@spalo/core/lift';
import { patternsOf, type MarkedSet, type MarkPattern } from '@spalo/core/technique';
import type { CoachedClient } from '../client/client';

/** A pattern of one fault in a lift, over the latest sessions. */
export interface FoundPattern {
  lift: Lift;
  fault: TaughtFault;
  pattern: MarkPattern;
  /** Sets that it was found in. */
  sets: number;
}

/** Sessions of which patterns tell, latest first. */
const SESSIONS = 6;

/** What the marks of a client's latest sessions say, lift by lift. */
export function whatMarksSay({ history }: Pick<CoachedClient, 'history'>): FoundPattern[] {
  return Object.entries(history.lifts).flatMap(([liftId, memory]) => {
    const lift = findLift(liftId);
    const sets = (memory.marked ?? []).slice(0, SESSIONS).flatMap((session) => session.sets);
    if (!lift || sets.length === 0) return [];
    const heaviest = Math.max(...sets.map((set) => set.loadG));
    const ids = new Set(sets.flatMap((set) => set.marks.map(({ faultId }) => faultId)));
    return [...ids].flatMap((faultId) => {
      const fault = faultOf(liftId, memory.plan?.styleId ?? '', faultId);
      if (!fault) return [];
      const marked = sets.map(({ reps, marks, loadG }): MarkedSet => ({
        reps,
        marked: marks.filter((mark) => mark.faultId === faultId).map(({ rep }) => rep),
        share: loadG / heaviest,
      }));
      return patternsOf(marked).map((pattern) => ({ lift, fault, pattern, sets: sets.length }));
    });
  });
}
