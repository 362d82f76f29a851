import type { ImportedLift, ReportedLift } from '../person/person';
import type { Grams } from '../unit/mass';
import { estimatedOneRepMax } from './epley';

/** A set as another record has it. How clean it was, and whether all of it is true, nobody knows. */
export interface ImportedSet {
  liftId: string;
  /** A day, 2025-05-01. */
  day: string;
  loadG: Grams;
  reps: number;
}

const DAY_MS = 24 * 3600 * 1000;
const MONTH_MS = (365.25 / 12) * DAY_MS;
/** Days before the last one of a lift that are looked at: what was lifted earlier is another strength. */
const LAST_DAYS = 90;
/** As many days of a lift are no accident any more. */
const ENOUGH_DAYS = 5;
/** Beyond as many reps a set says little of strength. */
const MOST_REPS = 20;

/** The best set of each day, by what it comes to for one rep. */
function bestOfDays(sets: readonly ImportedSet[]): ImportedSet[] {
  const best = new Map<string, ImportedSet>();
  const worth = ({ loadG, reps }: ImportedSet) => estimatedOneRepMax(loadG, reps);
  for (const set of sets) {
    const known = best.get(set.day);
    if (!known || worth(set) > worth(known)) best.set(set.day, set);
  }
  return [...best.values()].sort((a, b) => worth(a) - worth(b));
}

/**
 * What other records say of each lift: the day in the middle of the last ninety that they tell of, by its best set, so that
 * neither one great day nor one slip of the pen speaks for all. Sets without a load, and of more than twenty reps, say
 * nothing.
 */
export function importedLifts(sets: readonly ImportedSet[]): ImportedLift[] {
  const byLift = new Map<string, ImportedSet[]>();
  for (const set of sets) {
    if (set.loadG <= 0 || set.reps < 1 || set.reps > MOST_REPS) continue;
    const known = byLift.get(set.liftId);
    if (known) known.push(set);
    else byLift.set(set.liftId, [set]);
  }
  return [...byLift.entries()].map(([liftId, all]) => {
    const last = all.reduce((day, set) => (set.day > day ? set.day : day), '');
    const days = bestOfDays(
      all.filter(({ day }) => Date.parse(last) - Date.parse(day) <= LAST_DAYS * DAY_MS),
    );
    const { loadG, reps, day } = days[Math.floor((days.length - 1) / 2)]!;
    return { liftId, loadG, reps, on: day, days: days.length };
  });
}

/** The same as something said, as of `now` (ISO): never surer than "about", and the weaker the older. */
export function asReport(
  { liftId, loadG, reps, on, days }: ImportedLift,
  now: string,
): ReportedLift {
  const monthsAgo = Math.max(0, Math.round((Date.parse(now) - Date.parse(on)) / MONTH_MS));
  return { liftId, loadG, reps, monthsAgo, sure: days >= ENOUGH_DAYS ? 'about' : 'guess' };
}
