import type { Muscle } from '../../lift/muscles';
import {
  fixedOf,
  secondsFor,
  setsFor,
  type BuildAsk,
  type Candidate,
  type Shut,
  type Taken,
} from './ask';
import { fullMuscleBeside, secondsLeft } from './idle';
import type { StoredWhy } from '../../words/why';
import { coverOf, covers, type Cover } from './cover';

/** A limit that keeps a session from being built, and by how much it would have to give. */
export type Lack =
  | { limit: 'time'; seconds: number }
  | { limit: 'new'; lifts: number }
  | { limit: Shut['by']; liftId: string; why: StoredWhy }
  | { limit: 'nothing open' }
  | { limit: 'order' }
  /** Nothing that is open is worth a place: mostly since the week has had its sets of these. */
  | { limit: 'week'; full: Muscle[] };

const fewest = (candidate: Candidate, ask: BuildAsk) =>
  Math.min(...setsFor(candidate, ask).map((sets) => secondsFor(candidate, sets, ask)));

/** Why no session can hold what was fixed: every limit in its way. Empty where one can. */
export function lacksOf(ask: BuildAsk): Lack[] {
  const fixed = fixedOf(ask);
  const shut = ask.shut.filter((each) => ask.fixed.some(({ liftId }) => liftId === each.liftId));
  const over = fixed.reduce((sum, each) => sum + fewest(each, ask), 0) - ask.seconds;
  const tooNew = fixed.filter(({ isNew }) => isNew).length - ask.mostNew;
  return [
    ...shut.map(({ liftId, by, why }): Lack => ({ limit: by, liftId, why })),
    ...(ask.candidates.length === 0 ? [{ limit: 'nothing open' } as const] : []),
    ...(fixed.length > 0 && over > 0 ? [{ limit: 'time', seconds: over } as const] : []),
    ...(tooNew > 0 ? [{ limit: 'new', lifts: tooNew } as const] : []),
  ];
}

/** A movement that a session goes without, and what would have to give for it. */
export interface Uncovered {
  cover: Cover;
  by:
    | { limit: 'room' }
    | { limit: 'closed'; why: StoredWhy }
    | { limit: 'banned' }
    | { limit: 'new' }
    | { limit: 'time'; seconds: number }
    | { limit: 'week'; muscle: Muscle }
    | { limit: 'enough' };
}

function whyUncovered(
  cover: Cover,
  ask: BuildAsk,
  left: {
    seconds: number;
    isNewFull: boolean;
    fullMuscle: (candidate: Candidate) => Muscle | null;
  },
  patternOf: (liftId: string) => Cover | null,
): Uncovered['by'] {
  const open = ask.candidates.filter(({ lift }) => coverOf(lift) === cover);
  const shut = ask.shut.filter(({ liftId }) => patternOf(liftId) === cover);
  const closed = shut.find(({ by }) => by === 'closed');
  if (open.length === 0) return closed ? { limit: 'closed', why: closed.why } : { limit: 'room' };
  const allowed = open.filter(({ lift }) => !ask.banned.includes(lift.id));
  if (allowed.length === 0) return { limit: 'banned' };
  const known = allowed.filter(({ isNew }) => !(isNew && left.isNewFull));
  if (known.length === 0) return { limit: 'new' };
  const full = known.map(left.fullMuscle);
  const [muscle] = full;
  if (muscle && full.every((each) => each !== null)) return { limit: 'week', muscle };
  const roomy = known.filter((_, at) => full[at] === null);
  const over = Math.min(...roomy.map((each) => fewest(each, ask))) - left.seconds;
  return over > 0 ? { limit: 'time', seconds: over } : { limit: 'enough' };
}

/** The movements that the week lacks and the session does not bring. `coverBy`: the cover of a lift that is shut. */
export function uncoveredBy(
  taken: readonly Taken[],
  ask: BuildAsk,
  coverBy: (liftId: string) => Cover | null,
): Uncovered[] {
  const left = {
    seconds: secondsLeft(taken, ask),
    fullMuscle: fullMuscleBeside(taken, ask),
    isNewFull: taken.filter(({ candidate }) => candidate.isNew).length >= ask.mostNew,
  };
  return covers
    .filter((cover) => !ask.week.covers[cover])
    .filter((cover) => !taken.some(({ candidate }) => coverOf(candidate.lift) === cover))
    .map((cover) => ({ cover, by: whyUncovered(cover, ask, left, coverBy) }));
}
