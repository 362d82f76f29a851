import { feel } from './day-form';
import type { Lift } from '../lift/lift';
import type { Person } from '../person/person';
import { placesOf, priorBelief, rowAt, type Belief } from './belief';
import { asReport } from './imported';
import { observationOf, takeIn, type TakenIn } from './observe-set';
import { newDay, passTime } from './passing-time';
import type { PastSet } from './past-set';
import { hearReport } from './report';
import { nothingYet, tiredFor, withSet, type SoFar } from './so-far';

const MONTH_MS = (365.25 / 12) * 24 * 3600 * 1000;

/** Two slips that mean the same within this, as logs, are none. */
const ALIKE = 0.2;

/** Told of each set as it is taken in; `v` and `shift` of `taken` say what it did to the whole state. */
export type OnSet = (set: PastSet, taken: TakenIn, belief: Belief) => void;

/** Prior and reports: what is believed of a client before the first set, as of `now` (ISO). */
export function startingBelief(person: Person, lifts: readonly Lift[], now: string): Belief {
  const belief = priorBelief(person, lifts, now);
  const places = placesOf(lifts);
  // A lift that this version does not know is passed over.
  const imported = (person.imported ?? []).map((each) => asReport(each, now));
  for (const report of [...person.reports, ...imported]) {
    if (places.has(report.liftId)) hearReport(belief, report);
  }
  return belief;
}

/** Months of training that a client had at a time; where it is not known when they had how many, they had them `now`. */
function monthsAt({ trainingMonths, trainingMonthsAt }: Person, now: string, ms: number): number {
  const since =
    trainingMonthsAt === undefined
      ? Math.min(0, ms - Date.parse(now))
      : ms - Date.parse(trainingMonthsAt);
  return Math.max(0, trainingMonths + since / MONTH_MS);
}

/**
 * Takes sets into a belief, in place, in the order in which they were done. `sets` are ascending in time, a session's
 * sets together. Sets of lifts that the belief does not cover are passed over. Answers what was done of the last
 * session.
 */
export function takeSets(
  belief: Belief,
  person: Person,
  sets: readonly PastSet[],
  now: string,
  onSet?: OnSet,
): SoFar {
  const places = placesOf(belief.lifts);
  let sessionId: string | null = null;
  let months = 0;
  let ms = 0;
  let soFar = nothingYet;
  for (const set of sets) {
    const at = places.get(set.liftId);
    if (at === undefined) continue;
    if (set.sessionId !== sessionId) {
      sessionId = set.sessionId;
      ms = Date.parse(set.at);
      months = monthsAt(person, now, ms);
      passTime(belief, ms, months);
      newDay(belief);
      if (set.dayForm) feel(belief, set.dayForm);
      soFar = nothingYet;
    }
    if (set.rampMove) feel(belief, set.rampMove);
    const seen = observationOf(belief, set, tiredFor(soFar, at), months);
    soFar = withSet(soFar, belief, set);
    if (!seen) continue;
    const meant = belief.mean[at]! + seen.surprise;
    const repeated = Math.abs(meant - belief.aside[at]!) < ALIKE;
    // Twice alike is no slip of the finger: what was believed of this lift is itself in doubt.
    if (repeated) belief.cov[rowAt(at) + at]! += (seen.surprise / 2) ** 2;
    const taken = takeIn(belief, seen);
    onSet?.(set, taken, belief);
    if (taken.how === 'not') {
      belief.aside[at] = meant;
      continue;
    }
    belief.aside[at] = NaN;
    const share = 1 / Math.min(8, belief.sets[at]! + 1);
    belief.reps[at]! += share * (seen.repsToLimit - belief.reps[at]!);
    belief.sets[at]! += 1;
    belief.lastMs[at] = ms;
  }
  return soFar;
}

/** The belief after all sets, from the prior on. */
export function replay(
  person: Person,
  lifts: readonly Lift[],
  sets: readonly PastSet[],
  now: string,
  onSet?: OnSet,
): Belief {
  const first = sets[0]?.at ?? now;
  const then = { ...person, trainingMonths: monthsAt(person, now, Date.parse(first)) };
  const belief = startingBelief(then, lifts, first);
  takeSets(belief, person, sets, now, onSet);
  return belief;
}
