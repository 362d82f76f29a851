import { below } from '../unit/normal';

/** A set with the reps in which a fault was seen. */
export interface MarkedSet {
  reps: number;
  /** Numbers of the marked reps, from 1. */
  marked: readonly number[];
  /** Load as a share of the heaviest of these sets. */
  share: number;
}

/** What the places of marks say. */
export const markPatterns = [
  'first rep good',
  'first rep off',
  'last reps',
  'every other rep',
  'only heavy',
  'every load',
] as const;
export type MarkPattern = (typeof markPatterns)[number];

/** What each says to do, in one sentence. */
export const patternRemedy: Record<MarkPattern, string> = {
  'first rep good': 'Reset between reps: the first is right, and the others run on from it',
  'first rep off': 'Rehearse the start: once it runs, it is right',
  'last reps': 'End the set before it breaks down: a rep or two earlier, or less load',
  'every other rep': 'Look from the front: one side may do it',
  'only heavy': 'It comes with the load: stay under it until it is gone',
  'every load': 'The same at every load: a habit, which less load does not mend',
};

/** Sets, reps and marks that it takes before anything is said. */
const LEAST_SETS = 4;
const LEAST_MARKS = 6;
/** How surely a pattern is more than chance, one-sided: one in two hundred for each. */
const SURE = 0.995;
/** Shares of the heaviest load that count as heavy and as light. */
const HEAVY = 0.9;
const LIGHT = 0.75;
/** Sets of so few reps say nothing of an order. */
const LEAST_REPS = 4;
/** Marked in this share of the reps at light and at heavy loads, it is there at every load. */
const MOSTLY = 0.6;

/** Whether one share of reps marked lies above another by more than chance (difference of two shares, normal). */
function isMore(marked: number, of: number, otherMarked: number, otherOf: number): boolean {
  if (of === 0 || otherOf === 0) return false;
  const pooled = (marked + otherMarked) / (of + otherOf);
  const sd = Math.sqrt(pooled * (1 - pooled) * (1 / of + 1 / otherOf));
  if (sd === 0) return false;
  return below((marked / of - otherMarked / otherOf) / sd) > SURE;
}

interface Count {
  marked: number;
  of: number;
}

/** Reps of some sets for which something holds, and how many of them were marked. */
function count(sets: readonly MarkedSet[], holds: (rep: number, set: MarkedSet) => boolean): Count {
  let [marked, of] = [0, 0];
  for (const set of sets) {
    for (let rep = 1; rep <= set.reps; rep += 1) {
      if (!holds(rep, set)) continue;
      of += 1;
      if (set.marked.includes(rep)) marked += 1;
    }
  }
  return { marked, of };
}

const more = (one: Count, other: Count) => isMore(one.marked, one.of, other.marked, other.of);

/** How often marks and clean reps take turns, against as often as chance would have it. */
function takesTurns(sets: readonly MarkedSet[]): boolean {
  let [turns, expected, variance] = [0, 0, 0];
  for (const set of sets) {
    const share = set.marked.length / set.reps;
    const chance = 2 * share * (1 - share);
    for (let rep = 2; rep <= set.reps; rep += 1) {
      expected += chance;
      variance += chance * (1 - chance);
      if (set.marked.includes(rep) !== set.marked.includes(rep - 1)) turns += 1;
    }
  }
  return variance > 0 && below((turns - expected - 0.5) / Math.sqrt(2 * variance)) > SURE;
}

/**
 * What the marks of one fault say over several sets of a lift, at most one thing about the order of reps and one about
 * the load; nothing where there are too few. Thresholds keep random marks silent in nineteen of twenty clients and more.
 */
export function patternsOf(all: readonly MarkedSet[]): MarkPattern[] {
  const sets = all.filter((set) => set.reps >= LEAST_REPS);
  const marks = sets.reduce((sum, set) => sum + set.marked.length, 0);
  if (sets.length < LEAST_SETS || marks < LEAST_MARKS) return [];
  const first = count(sets, (rep) => rep === 1);
  const others = count(sets, (rep) => rep > 1);
  const late = count(sets, (rep, set) => rep > set.reps - Math.ceil(set.reps / 3));
  const early = count(sets, (rep, set) => rep > 1 && rep <= set.reps - Math.ceil(set.reps / 3));
  const found: MarkPattern[] = [];
  if (more(first, others)) found.push('first rep off');
  else if (more(late, early)) found.push('last reps');
  else if (takesTurns(sets)) found.push('every other rep');
  // Good at first and soon off: the first rep stands out, and the later ones do not.
  else if (more(others, first) && first.marked === 0) found.push('first rep good');
  const heavy = count(all, (_rep, set) => set.share >= HEAVY);
  const light = count(all, (_rep, set) => set.share <= LIGHT);
  if (heavy.of === 0 || light.of === 0) return found;
  if (more(heavy, light) && light.marked === 0) found.push('only heavy');
  else if (light.marked >= light.of * MOSTLY && heavy.marked >= heavy.of * MOSTLY) {
    found.push('every load');
  }
  return found;
}
