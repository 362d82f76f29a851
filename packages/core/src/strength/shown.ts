import type { Lift } from '../lift/lift';
import { atOrBelow, stepUp, type Loads } from '../loads/loads';
import type { Loadable } from '../room/implement';
import type { Grams } from '../unit/mass';
import { OPEN_RESERVE } from '../unit/reserve';

/** A set as it was done, and what was asked of it. */
interface DoneSet {
  loadG: Grams;
  cleanReps: number;
  rir: number | null;
  proposed: { reps: number };
}

/** Whether a set was all that was asked, with "4 or more" in reserve: how far it was from a limit nobody knows. */
const isOpen = ({ cleanReps, rir, proposed }: DoneSet): boolean =>
  rir !== null && rir >= OPEN_RESERVE && cleanReps >= proposed.reps;

/** The heaviest of sets that were all open, grams; 0 where one was counted, or there is none. */
export const heaviestOpen = (sets: readonly DoneSet[]): Grams =>
  sets.every(isOpen) ? Math.max(0, ...sets.map(({ loadG }) => loadG)) : 0;

/** So many are left at the least of what an open set is answered with. */
const AT_LEAST_LEFT = 1;

/**
 * The heaviest load (grams, not snapped) of which an open set shows that so many reps leave one at the least. 40 kg for 12
 * with 4 or more, asked for 8: 47 kg where the lift's constant is 30.
 */
export const shownBy = (
  { loadG, cleanReps }: Pick<DoneSet, 'loadG' | 'cleanReps'>,
  { repConstant: k }: Pick<Lift, 'repConstant'>,
  reps: number,
): Grams => (loadG * (k + cleanReps + OPEN_RESERVE)) / (k + reps + AT_LEAST_LEFT);

/**
 * The load after sets that were all open, for the fewest reps of the range: as far as they show it by themselves, at most a
 * share `jump` above the heaviest of them, or a step where steps are coarser; null where nothing heavier is shown. What nobody
 * counted is never believed far from what was lifted, so that belief alone would creep.
 */
export function heavierThanOpen(
  sets: readonly DoneSet[],
  lift: Pick<Lift, 'repConstant'>,
  loads: Loads,
  { reps, jump }: { reps: number; jump: number },
): Loadable | null {
  const heaviestG = heaviestOpen(sets);
  if (heaviestG === 0) return null;
  const shownG = Math.max(...sets.map((set) => shownBy(set, lift, reps)));
  const up = atOrBelow(loads, Math.min(heaviestG * (1 + jump), shownG));
  if (up && up.loadG > heaviestG) return up;
  const step = stepUp(loads, heaviestG);
  return step && step.loadG <= shownG ? step : null;
}
