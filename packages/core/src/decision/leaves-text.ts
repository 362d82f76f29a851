import type { Chances } from '../strength/worth';

/** A reserve is promised only where the belief bears it out: from this chance on, give or take one. */
const LIKELY = 0.3;

/** What a set is likely to leave, in words: "with 2 left", or to which side of that it lies. */
export const leavesText = ({ good, fails, tooEasy }: Chances, targetRir: number): string => {
  const how = good >= LIKELY ? '' : tooEasy > fails ? 'more than ' : 'less than ';
  return `with ${how}${targetRir} left`;
};
