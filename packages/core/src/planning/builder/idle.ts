import type { Muscle } from '../../lift/muscles';
import {
  countLimits,
  muscleLimits,
  setsFor,
  type BuildAsk,
  type Candidate,
  type Taken,
} from './ask';
import { coverOfWeek, setsIn, setsOfMuscle } from './week';

/** What keeps a lift that would fit the time out of a session: its muscles' week is full, it is new, or it is like another. */
export type Bar = 'week' | 'new' | 'alike' | 'worth';

/** Time that a session leaves free, and what keeps most of the other lifts from filling it. */
export interface Idle {
  seconds: number;
  by: Bar;
}

/** Less than that is no time for a lift more. */
const LEAST_S = 600;

/** Seconds that a session leaves of its time. */
export const secondsLeft = (taken: readonly Taken[], ask: BuildAsk): number =>
  ask.seconds - taken.reduce((sum, { seconds }) => sum + seconds, 0);

/**
 * Tells of which muscle a lift that is not left out by hand would bring, with its fewest sets, more than there is room for
 * beside others; null for none.
 */
export function fullMuscleBeside(
  taken: readonly Taken[],
  ask: BuildAsk,
): (candidate: Candidate) => Muscle | null {
  const here = coverOfWeek(taken.map(({ candidate, sets }) => ({ lift: candidate.lift, sets })));
  const left = muscleLimits(ask).map(({ muscle, most }) => ({
    muscle,
    sets: most - setsIn(here, muscle),
  }));
  return (candidate) => {
    const fewest = Math.min(...setsFor(candidate, ask));
    const full = left.find(({ muscle, sets }) => {
      const more = fewest * setsOfMuscle(candidate.lift, muscle);
      return more > 0 && more > sets;
    });
    return full?.muscle ?? null;
  };
}

/** Tells what keeps a lift out beside others. */
function barBeside(taken: readonly Taken[], ask: BuildAsk): (candidate: Candidate) => Bar {
  const met = countLimits(ask).filter(
    ({ counts, most }) => taken.filter(({ candidate }) => counts(candidate)).length >= most,
  );
  const fullMuscle = fullMuscleBeside(taken, ask);
  return (candidate) => {
    const inTheWay = met.filter(({ counts }) => counts(candidate));
    if (inTheWay.some(({ name }) => name === 'new')) return 'new';
    if (inTheWay.length > 0) return 'alike';
    return fullMuscle(candidate) ? 'week' : 'worth';
  };
}

/** What a session leaves of its time, where that is enough for a lift more; null where it is not. */
export function idleOf(taken: readonly Taken[], ask: BuildAsk): Idle | null {
  const seconds = secondsLeft(taken, ask);
  if (seconds < LEAST_S) return null;
  const bars = ask.candidates
    .filter((each) => setsFor(each, ask).length > 0)
    .filter((each) => !taken.some(({ candidate }) => candidate === each))
    .map(barBeside(taken, ask));
  const count = (bar: Bar) => bars.filter((each) => each === bar).length;
  const all: Bar[] = ['week', 'new', 'alike', 'worth'];
  return { seconds, by: all.toSorted((a, b) => count(b) - count(a))[0]! };
}
