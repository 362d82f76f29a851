import type { LiftPlan } from '../session/plan';
import type { StrengthProfile } from '../strength/profile';
import type { Grams } from '../unit/mass';
import { planAsked, type Ahead, type AskedWith } from './asked-plan';
import { chanceAsPlanned, chanceTooEasy, honestChance } from './chance';

/** A day to come of a lift, and how far away it is. */
export interface DayAhead extends Ahead {
  weeksAhead: number;
}

/** What a day to come will likely be. */
export interface Projected extends Pick<Ahead, 'cell' | 'ask'> {
  loadG: Grams;
  /** That every set goes as planned at this load, 0 to 1. */
  chance: number;
  /** Whether the day asks too much or too little of this client; null where it fits. */
  fit: 'too much' | 'too little' | null;
}

/** Below this chance a day asks too much; above that one of much too much ease, too little. */
const LEAST = 0.4;
const EASE = 0.6;

/**
 * The days to come of a lift, each from the one before: belief, growth and doubt carried forward, and every limit kept that
 * will hold when the day comes. `plan` is what it goes on from.
 */
export function projectDays(plan: LiftPlan, days: readonly DayAhead[], at: AskedWith): Projected[] {
  const then = new Map<number, StrengthProfile>();
  const strengthIn = (weeks: number) => {
    const known = then.get(weeks) ?? (weeks > 0 ? at.strength.later(weeks) : at.strength);
    then.set(weeks, known);
    return known;
  };
  let before = plan;
  return days.map(({ weeksAhead, ...ahead }) => {
    const strength = strengthIn(weeksAhead);
    before = planAsked(before, ahead, { ...at, strength });
    const { cell, ask } = ahead;
    const asked = { ...ask, loadG: before.loadG };
    if (before.counted || before.loadG === 0)
      return { cell, ask, loadG: before.loadG, chance: 1, fit: null };
    const outlook = strength.outlook(at.lift, ask.targetRir, 'another');
    const chance = honestChance(chanceAsPlanned(outlook, asked), weeksAhead);
    const isLight = (ask.share ?? 1) < 1;
    const easy = !isLight && chanceTooEasy(outlook, asked) > EASE;
    return {
      cell,
      ask,
      loadG: before.loadG,
      chance,
      fit: chance < LEAST ? 'too much' : easy ? 'too little' : null,
    };
  });
}
