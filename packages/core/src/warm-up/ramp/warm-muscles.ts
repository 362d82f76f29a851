import type { Lift } from '../../lift/lift';

/** Main muscles are warm after a lift; for a small lift those that helped are warm enough, too. */
export function isWarm(lift: Lift, before: readonly Lift[]): boolean {
  const main = new Set(before.flatMap((each) => each.muscles.main));
  const helped = new Set(before.flatMap((each) => each.muscles.helping));
  return lift.muscles.main.every(
    (muscle) => main.has(muscle) || (lift.restClass === 'small' && helped.has(muscle)),
  );
}
