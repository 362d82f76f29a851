import type { Chances } from '../strength/worth';
import type { Left } from '../words/row';

/** A reserve is promised only where the belief bears it out: from this chance on, give or take one. */
const LIKELY = 0.3;

/** What a set is likely to leave: about what is asked, or to which side of it. */
export const leaves = ({ good, fails, tooEasy }: Chances, rir: number): Left => ({
  rir,
  how: good >= LIKELY ? 'about' : tooEasy > fails ? 'more' : 'less',
});
