import type { Lift } from '../lift/lift';
import { isSameDay } from '../session/block-day';
import type { LiftPlan } from '../session/plan';
import type { StrengthProfile } from '../strength/profile';
import type { Grams } from '../unit/mass';
import { planAsked, type AheadDay, type AskedWith } from './asked-plan';
import { chanceAsPlanned, chanceTooEasy, doneChance, honestChance } from './chance';

/** A day to come of a lift, and how far away it is. */
export interface DayAhead extends AheadDay {
  weeksAhead: number;
}

/** What a day to come will likely be. */
export interface Projected extends Pick<AheadDay, 'cell' | 'ask'> {
  loadG: Grams;
  /** That it is done so: every set at this load, its reps and its reserve, 0 to 1. */
  chance: number;
  /** Whether the day asks too much or too little of this client; null where it fits. */
  fit: 'too much' | 'too little' | null;
}

/** Below this chance to go as written a day asks too much; above that one of much too much ease, too little. */
const LEAST = 0.4;
const EASE = 0.6;

/** How likely a plan is to go as planned on its day, and whether it asks too much or too little. */
function judge(
  { loadG, counted, reps, sets, targetRir }: LiftPlan,
  { ask, weeksAhead }: DayAhead,
  strength: StrengthProfile,
  lift: Lift,
): Pick<Projected, 'chance' | 'fit'> {
  if (counted || loadG === 0) return { chance: 1, fit: null };
  const outlook = strength.outlook(lift, targetRir, 'another');
  const asked = { loadG, reps, sets, targetRir };
  const goes = chanceAsPlanned(outlook, asked);
  const chance = doneChance(goes, weeksAhead);
  if (honestChance(goes, weeksAhead) < LEAST) return { chance, fit: 'too much' };
  const isLight = (ask.share ?? 1) < 1;
  const easy = !isLight && chanceTooEasy(outlook, asked) > EASE;
  return { chance, fit: easy ? 'too little' : null };
}

/**
 * The days to come of a lift, each from the one before: belief, growth and doubt carried forward, and every limit kept that
 * will hold when the day comes. `plan` is what it goes on from; one that was decided for the first of the days stands.
 */
export function projectDays(plan: LiftPlan, days: readonly DayAhead[], at: AskedWith): Projected[] {
  const then = new Map<number, StrengthProfile>();
  const strengthIn = (weeks: number) => {
    const known = then.get(weeks) ?? (weeks > 0 ? at.strength.later(weeks) : at.strength);
    then.set(weeks, known);
    return known;
  };
  let before = plan;
  return days.map((day) => {
    const strength = strengthIn(day.weeksAhead);
    const { cell, ask } = day;
    if (!isSameDay(before.cell, cell)) before = planAsked(before, day, { ...at, strength });
    const { loadG, sets, reps, targetRir } = before;
    return {
      cell,
      ask: { ...ask, sets, reps, targetRir },
      loadG,
      ...judge(before, day, strength, at.lift),
    };
  });
}
