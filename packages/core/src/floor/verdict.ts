import { countedSets, type LiftState } from '../session/state';

/** Whether the question is put: after the first working set of a lift that was warmed up, until the next one. */
export function asksVerdict(lift: LiftState): boolean {
  return countedSets(lift, 'warm-up').length > 0 && countedSets(lift, 'working').length === 1;
}
