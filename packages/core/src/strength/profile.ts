import { amid } from '../unit/language';
import { OPEN_RESERVE } from '../unit/reserve';
import type { Lift, LoadBelief } from '../lift/lift';
import { startsCareful } from '../person/careful';
import type { Person } from '../person/person';
import type { Grams } from '../unit/mass';
import type { StoredWhy, Why } from '../words/why';
import { inGrams, logLoadAt } from './answer';
import { copyBelief, liftAt, type Belief } from './belief';
import { START } from './constants';
import { feel, type DayForm, type RampMove } from './day-form';
import { isSlip, observationOf, rested } from './observe-set';
import { outlookOn, type Outlook, type OutlookDay } from './outlook';
import { newDay, passTime, passWeeks } from './passing-time';
import type { PastSet } from './past-set';
import { startingBelief, takeSets } from './replay';
import { nothingYet, onlyBehind, type SoFar } from './so-far';
import { takeRatios, type StudioRatios } from './studio-ratios';

/** What the answer rests on, strongest first: its own sets, other lifts' sets, a report, or the person alone. */
export const certainties = ['known', 'related', 'reported', 'guessed'] as const;
export type Certainty = (typeof certainties)[number];

/** The load for a number of reps at a number in reserve, with its range and grounds. */
export interface StrengthAnswer extends LoadBelief {
  /** The conservative first load, a low quantile of the belief; not snapped to equipment. */
  start: Grams;
  certainty: Certainty;
  why: StoredWhy;
}

/** The belief about one client's strength, ready for questions at one time. */
export interface StrengthProfile {
  /** The load for `reps` clean reps with `rir` left, rested, in grams before snapping. */
  loadFor(lift: Lift, reps: number, rir: number): StrengthAnswer;
  /** How a set that is about to be logged compares with what is believed. */
  doubt(set: Pick<PastSet, 'liftId' | 'loadG' | 'reps' | 'cleanReps' | 'rir'>): Doubt | null;
  /** What sets of a lift hold that each leave about `rir`: those to come today, or those of another day. */
  outlook(lift: Lift, rir: number, day: OutlookDay): Outlook;
  /** Working sets of a lift that are taken in. */
  setsOf(lift: Lift): number;
  /** Whether sets of today are in, or what the client says of it: then the day's form is known. */
  today: boolean;
  /** The profile after all of today's sets. */
  after(sets: readonly PastSet[]): StrengthProfile;
  /** The profile of an ordinary day on which a lift comes after so many sets of others. */
  behind(sets: number): StrengthProfile;
  /** The profile of an ordinary day so many weeks on, with training going on until then. */
  later(weeks: number): StrengthProfile;
  /** The profile with what is said or seen of the day beside its sets. */
  feeling(word: DayForm | RampMove): StrengthProfile;
}

/** Why a set does not look right. */
export interface Doubt {
  /** heavy: more than the client is believed to lift; light: far less than they report to be their limit. */
  kind: 'heavy' | 'light';
  expected: LoadBelief;
  /** So far above that a nod is not enough to keep it; absent where it is not. */
  far?: true;
}

/** Asked about: a set that is most likely a slip, and off by at least this share. */
const QUESTION_SHARE = 0.3;
/** From this many times the upper end of what is expected on, a set is far above. */
const FAR = 1.5;

function reason(certainty: Certainty, belief: Belief, at: number): Why {
  if (certainty === 'known') return { code: 'from-sets', sets: belief.sets[at]! };
  if (certainty === 'related') {
    const pattern = belief.lifts[at]!.pattern;
    const near = belief.lifts
      .filter((lift, index) => belief.sets[index]! > 0 && lift.pattern === pattern)
      .map((lift) => amid(lift.name));
    return near.length > 0
      ? { code: 'careful-from-lifts', lifts: near.slice(0, 2) }
      : { code: 'careful-from-others' };
  }
  return { code: certainty === 'reported' ? 'careful-from-report' : 'careful-guess' };
}

/** A profile over a belief that stands for `now`, with the form of the day once sets of it are in. Changes nothing. */
export function profileOf(
  belief: Belief,
  person: Person,
  now: string,
  soFar: SoFar = nothingYet,
  felt = false,
): StrengthProfile {
  const today = felt || soFar.sets > 0;
  const careful = startsCareful(person, now);
  const anySet = belief.sets.some((count) => count > 0);
  const reported = new Set(
    [...person.reports, ...(person.imported ?? [])].map(({ liftId }) => liftId),
  );
  return {
    today,
    setsOf: (lift) => belief.sets[liftAt(belief.lifts, lift.id)]!,
    outlook: (lift, rir, day) => outlookOn(belief, lift, rir, day, soFar),
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
      // Of what is held or carried nothing is believed.
      const isBelieved = belief.lifts.some(({ id }) => id === set.liftId);
      if (set.cleanReps < 1 || !isBelieved) return null;
      const done = { ...set, bearing: 'counts' } as const;
      const seen = observationOf(belief, done, rested, person.trainingMonths);
      if (!seen) return null;
      const at = liftAt(belief.lifts, set.liftId);
      const likely = logLoadAt(belief, at, seen.repsToLimit);
      const expected = inGrams(likely);
      // Whoever is not known yet is expected widely, and is still no ten times as strong.
      if (set.loadG > FAR * expected.high) return { kind: 'heavy', expected, far: true };
      if (!isSlip(belief, seen)) return null;
      const off = Math.log(set.loadG) - likely.mu;
      const open = set.rir !== null && set.rir >= OPEN_RESERVE;
      if (off > Math.log(1 + QUESTION_SHARE)) return { kind: 'heavy', expected };
      if (off < Math.log(1 - QUESTION_SHARE) && !open) return { kind: 'light', expected };
      return null;
    },
    feeling(word) {
      const later = copyBelief(belief);
      feel(later, word);
      return profileOf(later, person, now, soFar, true);
    },
    behind: (sets) => profileOf(belief, person, now, onlyBehind(belief, sets)),
    later(weeks) {
      const then = copyBelief(belief);
      passWeeks(then, weeks, person.trainingMonths);
      newDay(then);
      return profileOf(then, person, now, soFar);
    },
    after(sets) {
      const later = copyBelief(belief);
      const done = takeSets(later, person, sets, now);
      return profileOf(later, person, now, done);
    },
  };
}

/**
 * The profile of a client on the day of `now` (ISO). `belief` is what finished sessions left, null where there is
 * none; it is copied and aged. `ratios` is what the studio's clients teach of lifts that this one has not done.
 */
export function readStrength(
  person: Person,
  belief: Belief | null,
  lifts: readonly Lift[],
  now: string,
  ratios: StudioRatios = {},
): StrengthProfile {
  const today = belief === null ? startingBelief(person, lifts, now) : copyBelief(belief);
  if (belief !== null) {
    passTime(today, Date.parse(now), person.trainingMonths);
    newDay(today);
  }
  takeRatios(today, ratios);
  return profileOf(today, person, now);
}
