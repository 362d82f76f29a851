import { countedSets, type LiftState } from '../session/state';

/** Whether the question is put: after the first working set of a lift that was warmed up, until the next one. */
export function asksVerdict(lift: LiftState): boolean {
  return countedSets(lift, 'warm-up').length > 0 && countedSets(lift, 'working').length === 1;
}

/** From this share of the working load on a warm-up set tells how the day is. */
const TELLING = 0.7;

/** Whether it is asked how the last warm-up set moved: before the first working set, where it was heavy enough to tell. */
export function asksRampMove(lift: LiftState): boolean {
  const { plan, steps, rampMove } = lift;
  const [last, next] = [countedSets(lift).at(-1), steps[countedSets(lift).length]];
  if (rampMove !== null || plan.climb || plan.counted || !last || next?.kind !== 'working')
    return false;
  return last.kind === 'warm-up' && last.loadG >= TELLING * next.loadG;
}
