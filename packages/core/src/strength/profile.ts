import type { Lift, LoadBelief } from '../lift/lift';
import { startsCareful } from '../person/careful';
import type { Person } from '../person/person';
import type { Grams } from '../unit/mass';
import { inGrams, logLoadAt } from './answer';
import { copyBelief, liftAt, seenThrough, type Belief } from './belief';
import { START } from './constants';
import { observationOf } from './observe-set';
import { passTime } from './passing-time';
import type { PastSet } from './past-set';
import { startingBelief, takeSets } from './replay';

/** What the answer rests on, strongest first: its own sets, other lifts' sets, a report, or the person alone. */
export const certainties = ['known', 'related', 'reported', 'guessed'] as const;
export type Certainty = (typeof certainties)[number];

/** The load for a number of reps at a number in reserve, with its range and grounds. */
export interface StrengthAnswer extends LoadBelief {
  /** The conservative first load, a low quantile of the belief; not snapped to equipment. */
  start: Grams;
  certainty: Certainty;
  why: string;
}

/** The belief about one client's strength, ready for questions at one time. */
export interface StrengthProfile {
  /** The load for `reps` clean reps with `rir` left, rested, in grams before snapping. */
  loadFor(lift: Lift, reps: number, rir: number): StrengthAnswer;
  /** How a set that is about to be logged compares with what is believed. */
  doubt(set: Pick<PastSet, 'liftId' | 'loadG' | 'reps' | 'cleanReps' | 'rir'>): Doubt | null;
  /** The profile after more sets of today. */
  after(sets: readonly PastSet[]): StrengthProfile;
}

/** Why a set does not look right. */
export interface Doubt {
  /** heavy: more than the client is believed to lift; light: far less than they report to be their limit. */
  kind: 'heavy' | 'light';
  expected: LoadBelief;
}

/** Asked about from here on: surprise in standard deviations, and the least share by which the load is off. */
const QUESTION_SDS = 3.5;
const QUESTION_SHARE = 0.3;

function reason(certainty: Certainty, belief: Belief, at: number): string {
  if (certainty === 'known') {
    const count = belief.sets[at]!;
    return `From ${count} working ${count === 1 ? 'set' : 'sets'} of this lift and what related lifts say`;
  }
  if (certainty === 'related') {
    const pattern = belief.lifts[at]!.pattern;
    const near = belief.lifts
      .filter((lift, index) => belief.sets[index]! > 0 && lift.pattern === pattern)
      .map((lift) => lift.name.toLowerCase());
    return near.length > 0
      ? `Careful start: from ${near.slice(0, 2).join(' and ')}`
      : 'Careful start: from what the other lifts say';
  }
  if (certainty === 'reported') return 'Careful start: from what the client says they lifted';
  return 'Careful start: guessed from body mass and training time';
}

/** A profile over a belief that stands for `now`, with the form of the day once sets of it are in. Changes nothing. */
export function profileOf(
  belief: Belief,
  person: Person,
  now: string,
  today = false,
): StrengthProfile {
  const careful = startsCareful(person, now);
  const anySet = belief.sets.some((count) => count > 0);
  const reported = new Set(person.reports.map((report) => report.liftId));
  return {
    loadFor(lift, reps, rir) {
      const at = liftAt(belief.lifts, lift.id);
      const log = logLoadAt(belief, at, reps + rir, today);
      const certainty: Certainty =
        belief.sets[at]! > 0
          ? 'known'
          : anySet
            ? 'related'
            : reported.has(lift.id)
              ? 'reported'
              : 'guessed';
      const below = START[certainty] + (careful ? START.careful : 0);
      return {
        ...inGrams(log),
        start: Math.exp(log.mu - below * log.sd),
        certainty,
        why: reason(certainty, belief, at),
      };
    },
    doubt(set) {
      const seen = observationOf(belief, { ...set, bearing: 'counts' }, 0, person.trainingMonths);
      if (!seen) return null;
      const { variance } = seenThrough(belief, seen.look);
      const sds = seen.surprise / Math.sqrt(variance + seen.noise);
      const heavy = sds > QUESTION_SDS && seen.surprise > Math.log(1 + QUESTION_SHARE);
      const light =
        !seen.bound && sds < -QUESTION_SDS && seen.surprise < Math.log(1 - QUESTION_SHARE);
      if (!heavy && !light) return null;
      const at = liftAt(belief.lifts, set.liftId);
      const expected = inGrams(logLoadAt(belief, at, seen.repsToLimit));
      return { kind: heavy ? 'heavy' : 'light', expected };
    },
    after(sets) {
      const later = copyBelief(belief);
      takeSets(later, person, sets, now);
      return profileOf(later, person, now, true);
    },
  };
}

/**
 * The profile of a client on the day of `now` (ISO). `belief` is what finished sessions left, null where there is
 * none; it is copied and aged.
 */
export function readStrength(
  person: Person,
  belief: Belief | null,
  lifts: readonly Lift[],
  now: string,
): StrengthProfile {
  if (belief === null) return profileOf(startingBelief(person, lifts, now), person, now);
  const today = copyBelief(belief);
  passTime(today, Date.parse(now), person.trainingMonths);
  return profileOf(today, person, now);
}
