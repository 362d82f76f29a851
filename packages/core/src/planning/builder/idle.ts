import type { Muscle } from '../../lift/muscles';
import {
  countLimits,
  muscleLimits,
  secondsFor,
  setsFor,
  type BuildAsk,
  type Candidate,
  type Chosen,
} from './ask';
import { setsOfMuscle } from './week';

/** What keeps a lift that would fit the time out of a session: its muscles' week is full, it is new, or it is like another. */
export type Bar = 'week' | 'new' | 'alike' | 'worth';

/** Time that a session leaves free, and what keeps most of the other lifts from filling it. */
export interface Idle {
  seconds: number;
  by: Bar;
}

/** Less than that is no time for a lift more. */
const LEAST_S = 600;

/** Tells of which muscle a lift, with its fewest sets, would bring more than there is room for beside a choice; null for none. */
export function fullMuscleBeside(
  choice: readonly Chosen[],
  ask: BuildAsk,
): (candidate: Candidate) => Muscle | null {
  const liftOf = (liftId: string) => ask.candidates.find(({ lift }) => lift.id === liftId)!.lift;
  const taken = choice.map(({ liftId, sets }) => ({ lift: liftOf(liftId), sets }));
  const left = muscleLimits(ask).map(({ muscle, most }) => {
    const used = taken.reduce((sum, { lift, sets }) => sum + sets * setsOfMuscle(lift, muscle), 0);
    return { muscle, sets: most - used };
  });
  return (candidate) => {
    const fewest = Math.min(...setsFor(candidate, ask));
    const full = left.find(({ muscle, sets }) => {
      const more = fewest * setsOfMuscle(candidate.lift, muscle);
      return more > 0 && more > sets;
    });
    return full?.muscle ?? null;
  };
}

/** Tells what keeps a lift out beside a choice. */
function barBeside(choice: readonly Chosen[], ask: BuildAsk): (candidate: Candidate) => Bar {
  const taken = ask.candidates.filter(({ lift }) =>
    choice.some(({ liftId }) => liftId === lift.id),
  );
  const met = countLimits(ask).filter(({ counts, most }) => taken.filter(counts).length >= most);
  const fullMuscle = fullMuscleBeside(choice, ask);
  return (candidate) => {
    const inTheWay = met.filter(({ counts }) => counts(candidate));
    if (inTheWay.some(({ name }) => name === 'new')) return 'new';
    if (inTheWay.length > 0) return 'alike';
    return fullMuscle(candidate) ? 'week' : 'worth';
  };
}

/** What a session leaves of its time, where that is enough for a lift more; null where it is not. */
export function idleOf(choice: readonly Chosen[], ask: BuildAsk): Idle | null {
  const has = ({ lift }: Candidate) => choice.some(({ liftId }) => liftId === lift.id);
  const used = choice.reduce((sum, { liftId, sets }) => {
    const candidate = ask.candidates.find(({ lift }) => lift.id === liftId)!;
    return sum + secondsFor(candidate, sets, ask);
  }, 0);
  const seconds = ask.seconds - used;
  if (seconds < LEAST_S) return null;
  const bars = ask.candidates
    .filter((candidate) => !has(candidate) && setsFor(candidate, ask).length > 0)
    .map(barBeside(choice, ask));
  const count = (bar: Bar) => bars.filter((each) => each === bar).length;
  const all: Bar[] = ['week', 'new', 'alike', 'worth'];
  return { seconds, by: all.toSorted((a, b) => count(b) - count(a))[0]! };
}
