import type { Lift } from '../../lift/lift';
import type { Muscle } from '../../lift/muscles';
import type { Cover } from './cover';
import { coverOf } from './cover';

/** A set of a helping muscle is half a set of it. */
const HELPING = 0.5;

/**
 * Sets of a muscle that one set of a lift is: one for a main muscle, a half for a helping one; none for what only holds
 * still in a lift for the trunk, as the thighs do in a hollow hold.
 */
export function setsOfMuscle(
  { muscles, pattern }: Pick<Lift, 'muscles' | 'pattern'>,
  muscle: Muscle,
): number {
  if (muscles.main.includes(muscle)) return 1;
  return muscles.helping.includes(muscle) && pattern !== 'trunk' ? HELPING : 0;
}

export type Peak = Lift['peak'];
export const peaks = ['shortened', 'middle', 'stretched'] as const satisfies readonly Peak[];

/** Working sets of a lift on a day. */
export interface DoneSets {
  lift: Lift;
  sets: number;
  /** The day (2026-11-24). */
  day: string;
}

/** What some sets came to: sets a muscle and position, and sets a cover. */
export interface WeekCover {
  muscles: Partial<Record<Muscle, Record<Peak, number>>>;
  covers: Partial<Record<Cover, number>>;
}

const noPeaks = (): Record<Peak, number> => ({ shortened: 0, middle: 0, stretched: 0 });

/** Adds up what sets cover. */
export function coverOfWeek(done: readonly Pick<DoneSets, 'lift' | 'sets'>[]): WeekCover {
  const week: WeekCover = { muscles: {}, covers: {} };
  for (const { lift, sets } of done) {
    const cover = coverOf(lift);
    if (cover) week.covers[cover] = (week.covers[cover] ?? 0) + sets;
    for (const muscle of [...lift.muscles.main, ...lift.muscles.helping]) {
      const more = sets * setsOfMuscle(lift, muscle);
      if (more === 0) continue;
      const at = (week.muscles[muscle] ??= noPeaks());
      at[lift.peak] += more;
    }
  }
  return week;
}

/** Sets of a muscle in a week, wherever it was hardest. */
export function setsIn({ muscles }: WeekCover, muscle: Muscle): number {
  const at = muscles[muscle];
  return at ? at.shortened + at.middle + at.stretched : 0;
}

/** Sets a muscle and week, least and most: 4–8 in the first year, 8–14 later. */
export const weeklySets = (inFirstYear: boolean): { low: number; high: number } =>
  inFirstYear ? { low: 4, high: 8 } : { low: 8, high: 14 };

/** Muscles that every week should reach; the others come along, or are asked for. */
export const bigMuscles = [
  'quads',
  'hamstrings',
  'glutes',
  'lats',
  'upper back',
  'chest',
  'front shoulders',
] as const satisfies readonly Muscle[];
