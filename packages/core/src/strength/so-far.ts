import type { Belief } from './belief';
import { placesOf } from './belief';
import { effortOf, rested, type Tired } from './observe-set';
import type { PastSet } from './past-set';

/** What was done of one day, by lift: enough to know how tired each further set finds the client. */
export interface SoFar {
  /** By place of the lift: its working sets weighed by effort, and the other lifts' sets before its first. */
  own: ReadonlyMap<number, Tired>;
  sets: number;
}

export const nothingYet: SoFar = { own: new Map(), sets: 0 };

/** A day on which nothing is done yet, and every lift will come after so many sets of others. */
export const onlyBehind = ({ lifts }: Pick<Belief, 'lifts'>, sets: number): SoFar => ({
  own: new Map(lifts.map((_, at) => [at, { own: 0, others: sets }])),
  sets: 0,
});

/** How tired a further set of the lift at a place finds the client. */
export const tiredFor = (soFar: SoFar, at: number): Tired =>
  soFar.own.get(at) ?? { own: 0, others: soFar.sets };

/** The day with one more set. */
export function withSet(
  soFar: SoFar,
  belief: Belief,
  { liftId, rir }: Pick<PastSet, 'liftId' | 'rir'>,
): SoFar {
  const at = placesOf(belief.lifts).get(liftId);
  if (at === undefined) return soFar;
  const before = tiredFor(soFar, at);
  const own = new Map(soFar.own);
  own.set(at, { own: before.own + effortOf(rir), others: before.others });
  return { own, sets: soFar.sets + 1 };
}

/** How the first set of the lift found the client that day, as another day's will. */
export const tiredAtFirst = (soFar: SoFar, at: number): Tired => {
  const { others } = soFar.own.get(at) ?? rested;
  return { own: 0, others };
};
