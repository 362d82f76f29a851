import {
  fixedOf,
  jobOf,
  muscleLimits,
  setsFor,
  secondsFor,
  type BuildAsk,
  type Candidate,
} from './ask';
import { needs, tires } from './order';
import { setsOfMuscle } from './week';
import { muscleWishes, ownWorth } from './worth';

const within = <T>(some: readonly T[], all: readonly T[]) =>
  some.every((each) => all.includes(each));

/**
 * The candidates without those that another makes needless: one of the same job, of which a session holds one, that is worth as
 * much, takes no longer, is no newer, helps the same muscles, fills no other more and tires no more. The best session is as
 * good without them, and found sooner.
 */
export function withoutDominated(ask: BuildAsk): Candidate[] {
  const wished = muscleWishes(ask).map(({ muscle }) => muscle);
  const limited = muscleLimits(ask).map(({ muscle }) => muscle);
  const fixed = fixedOf(ask);
  const isFixed = (candidate: Candidate) => fixed.includes(candidate);
  const isFree = (candidate: Candidate) =>
    !isFixed(candidate) && setsFor(candidate, ask).length > 0;
  const covers = (one: Candidate, other: Candidate) =>
    isFree(one) &&
    jobOf(one.lift) === jobOf(other.lift) &&
    ownWorth(one) >= ownWorth(other) &&
    Number(one.isNew) <= Number(other.isNew) &&
    ask.setChoice.every((sets) => secondsFor(one, sets, ask) <= secondsFor(other, sets, ask)) &&
    wished.every((muscle) => setsOfMuscle(one.lift, muscle) === setsOfMuscle(other.lift, muscle)) &&
    limited.every((muscle) => setsOfMuscle(one.lift, muscle) <= setsOfMuscle(other.lift, muscle)) &&
    within(tires(one.lift), tires(other.lift)) &&
    within(needs(one.lift), needs(other.lift));
  return ask.candidates.filter(
    (candidate, at) =>
      isFixed(candidate) ||
      !ask.candidates.some(
        (other, place) =>
          other !== candidate &&
          covers(other, candidate) &&
          // Of two that are alike the first stays.
          (place < at || !covers(candidate, other)),
      ),
  );
}
