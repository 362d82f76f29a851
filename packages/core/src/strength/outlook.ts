import type { Lift } from '../lift/lift';
import type { Grams } from '../unit/mass';
import { below } from '../unit/normal';
import { curveVariance, type LogLoad } from './answer';
import {
  carryAt,
  dayAt,
  enduranceAt,
  fatigueAt,
  liftAt,
  repConstantAt,
  seenThrough,
  type Belief,
} from './belief';
import { DAY_SD, NOISE } from './constants';
import { carried, effortOf } from './observe-set';
import { tiredAtFirst, tiredFor, type SoFar } from './so-far';

/** today: after what was done of the day, in its form; another: a day to come, as tired as this lift found them today. */
export type OutlookDay = 'today' | 'another';

/** The log load at which some reps are the limit; `alone` is the part of its doubt that each set has for itself. */
export interface SetLimit extends LogLoad {
  alone: number;
}

/** What sets to come of a lift hold, with all doubts: of the lift, endurance, both fatigues and the day's form. */
export interface Outlook {
  /** Chance that at least `reps` can be done at a load, in the set after `more` further sets of the lift. */
  atLeast(loadG: Grams, reps: number, more: number): number;
  /** The log load at which `reps` is the limit in that set: middle and doubt. */
  limit(reps: number, more: number): SetLimit;
}

/** The outlook on sets of a lift that each leave about `rir`. */
export function outlookOn(
  belief: Belief,
  lift: Lift,
  rir: number,
  day: OutlookDay,
  soFar: SoFar,
): Outlook {
  const at = liftAt(belief.lifts, lift.id);
  const k = repConstantAt(belief, at);
  const today = day === 'today';
  const before = today ? tiredFor(soFar, at) : tiredAtFirst(soFar, at);
  const known = new Map<number, SetLimit>();

  const limit = (reps: number, more: number) => {
    const key = more * 1000 + reps;
    const found = known.get(key);
    if (found) return found;
    const own = before.own + more * effortOf(rir);
    const others = carried(before);
    const places = [at, enduranceAt(belief), fatigueAt(belief), carryAt(belief)];
    const weights = [1, reps / (k + reps), -own, -others];
    if (today) {
      places.push(dayAt(belief));
      weights.push(1);
    }
    const { variance } = seenThrough(belief, { at: places, weight: weights });
    const mu =
      belief.mean[at]! +
      (today ? belief.mean[dayAt(belief)]! : 0) -
      own * belief.mean[fatigueAt(belief)]! -
      others * belief.mean[carryAt(belief)]! -
      Math.log(1 + reps / k);
    const alone = Math.hypot(NOISE.floor, NOISE.reps / (k + reps));
    const sd = Math.sqrt(
      variance + (today ? 0 : DAY_SD ** 2) + curveVariance(belief, at, reps) + alone ** 2,
    );
    const answer = { mu, sd, alone };
    known.set(key, answer);
    return answer;
  };
  return {
    limit,
    atLeast(loadG, reps, more) {
      const { mu, sd } = limit(reps, more);
      return below((mu - Math.log(loadG)) / sd);
    },
  };
}
