import type { Lift } from '../lift/lift';
import type { LiftPlan } from '../session/plan';
import type { Outlook } from '../strength/outlook';
import type { StrengthProfile } from '../strength/profile';
import { below } from '../unit/normal';
import type { Grams } from '../unit/mass';

/** Sets that are asked alike. */
interface AskedSets {
  loadG: Grams;
  reps: number;
  sets: number;
  targetRir: number;
}

/** Places of a standard normal, as many as settle the sum to a thousandth, and their weights. */
const GRID = Array.from({ length: 25 }, (_, at) => (at - 12) / 3);
const WEIGHTS = GRID.map((z) => Math.exp((-z * z) / 2));
const TOTAL = WEIGHTS.reduce((sum, each) => sum + each, 0);

/**
 * The chance that all sets go as planned: each its reps, with no more than one rep less in reserve than asked. What is
 * believed of the lift and of the day is shared by the sets, so that they mostly go well or badly together.
 */
export function chanceAsPlanned(
  outlook: Outlook,
  { loadG, reps, sets, targetRir }: AskedSets,
): number {
  const least = reps + Math.max(0, targetRir - 1);
  const limits = Array.from({ length: sets }, (_, more) => outlook.limit(least, more));
  const log = Math.log(loadG);
  const all = GRID.map((z, at) => {
    const good = limits.reduce((chance, { mu, sd, alone }) => {
      const shared = Math.sqrt(Math.max(0, sd ** 2 - alone ** 2));
      return chance * below((mu - log + shared * z) / alone);
    }, 1);
    return WEIGHTS[at]! * good;
  });
  return all.reduce((sum, each) => sum + each, 0) / TOTAL;
}

/** The chance that the first set leaves two or more reps beyond what is asked. */
export const chanceTooEasy = (outlook: Outlook, { loadG, reps, targetRir }: AskedSets): number =>
  outlook.atLeast(loadG, reps + targetRir + 2, 0);

/**
 * Chances worked out so are too low, the more so the farther the day: by how much was measured on made-up lifters whose
 * seeds are used for nothing else (simulator). In log odds.
 */
const SAID = { shift: 0.55, eachWeek: 0.2, mostWeeks: 4, slope: 1.05 } as const;

/** A chance as it is said of a day so many weeks ahead: of the days said 70 %, 70 % go as planned. */
export function honestChance(chance: number, weeksAhead: number): number {
  const odds = Math.log(chance / (1 - chance));
  const shift = SAID.shift + SAID.eachWeek * Math.min(SAID.mostWeeks, weeksAhead);
  return chance <= 0 || chance >= 1 ? chance : 1 / (1 + Math.exp(-(SAID.slope * odds + shift)));
}

/**
 * And chances that a day of a block is done as it is foretold, through all that comes before: decisions at wrap-up make later
 * days lighter or heavier, the floor moves loads. Measured likewise, on days played through wrap-ups and floor.
 */
const DONE = { next: { shift: -0.28, slope: 0.87 }, later: { shift: -0.64, slope: 0.63 } } as const;
/** From here on other sessions come before the day, in weeks. */
const LATER = 0.75;

/** A chance as it is said of a day of a block: of the days said 70 %, 70 % are done as foretold. */
export function doneChance(chance: number, weeksAhead: number): number {
  const { shift, slope } = weeksAhead < LATER ? DONE.next : DONE.later;
  const odds = Math.log(chance / (1 - chance));
  return chance <= 0 || chance >= 1 ? chance : 1 / (1 + Math.exp(-(slope * odds + shift)));
}

/** How far ahead the next session is, in weeks. */
const NEXT = 0.5;

/** The chance that a plan goes as planned in the next session, as it is said; null where nothing is believed of it. */
export function chanceOfPlan(
  plan: Pick<LiftPlan, 'loadG' | 'reps' | 'sets' | 'targetRir' | 'counted' | 'closed' | 'cell'>,
  lift: Lift,
  strength: StrengthProfile,
): number | null {
  if (plan.counted || plan.closed !== null || plan.loadG === 0) return null;
  const outlook = strength.outlook(lift, plan.targetRir, 'another');
  const chance = chanceAsPlanned(outlook, plan);
  return plan.cell ? doneChance(chance, NEXT) : honestChance(chance, NEXT);
}
