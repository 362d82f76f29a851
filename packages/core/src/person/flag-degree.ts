import type { Side } from '../lift/joints';
import { flagDegrees, type FlagDegree } from './degree';
import type { Flag, FlagPlace } from './person';

/** Pain (0–10) from which a place is eased, and from which it is left alone. */
const EASES = 2;
const CLOSES = 4;

/** The degree that a pain asks for: 1 of 10 is watched, 2 and 3 are eased, 4 and more, or anything but an ache, closes. */
export function degreeOfPain({ score, kind }: { score: number; kind: string }): FlagDegree {
  if (kind !== 'ache' || score >= CLOSES) return 'closed';
  return score >= EASES ? 'ease' : 'watch';
}

/** A flag from before degrees were kept closed whatever it was on. */
export const degreeOf = ({ degree }: Pick<Flag, 'degree'>): FlagDegree => degree ?? 'closed';

const rank = (degree: FlagDegree) => flagDegrees.indexOf(degree);

/** The stronger of two degrees. */
export const strongerDegree = (one: FlagDegree, other: FlagDegree): FlagDegree =>
  rank(other) > rank(one) ? other : one;

/** Whether what was said of one degree holds for another, which is no stronger. */
export const coversDegree = (answered: FlagDegree, now: FlagDegree): boolean =>
  rank(answered) >= rank(now);

/** Whether two sides of a place are the same one; where nobody said which, it may be either. */
export const meets = (one: Side, other: Side): boolean =>
  one === other || one === 'both' || other === 'both' || one === 'none' || other === 'none';

/** Whether a report or a flag speaks of the same spot as another. */
export const sameSpot = (
  one: { place: FlagPlace; side: Side },
  other: { place: FlagPlace; side: Side },
): boolean => one.place === other.place && meets(one.side, other.side);

/**
 * A flag as somebody says it is now (0–10), on a day (2026-11-24): its degree follows, and when it begins to close, the day
 * is kept with the most that was said.
 */
export function ratedNow<T extends Omit<Flag, 'id'>>(flag: T, score: number, day: string): T {
  const degree = degreeOfPain({ score, kind: 'ache' });
  const closes = degree === 'closed';
  return {
    ...flag,
    degree,
    worst: Math.max(flag.worst ?? 0, score),
    ...(closes && { closedOn: flag.degree === 'closed' ? (flag.closedOn ?? day) : day }),
  };
}
