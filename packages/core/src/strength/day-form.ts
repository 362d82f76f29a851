import { dayAt, move, seenThrough, type Belief } from './belief';

/** How a client says they are, when they come in. */
export const dayForms = ['rough', 'usual', 'fresh'] as const;
export type DayForm = (typeof dayForms)[number];

/** How the last warm-up set moved, as the trainer saw it. */
export const rampMoves = ['flew', 'usual', 'stuck'] as const;
export type RampMove = (typeof rampMoves)[number];

/** What a word says of the day: the log strength it stands for, and how far off such a word is. */
interface Said {
  log: number;
  sd: number;
}

/**
 * Ours, not measured: what people say of their day goes only weakly with what they then lift, so a rough day moves it by
 * 2 % and the first sets decide. A bar that is seen to stick tells more.
 */
const SAID: Record<DayForm | RampMove, Said> = {
  rough: { log: -0.06, sd: 0.04 },
  usual: { log: 0, sd: 0.04 },
  fresh: { log: 0.03, sd: 0.04 },
  stuck: { log: -0.1, sd: 0.04 },
  flew: { log: 0.05, sd: 0.05 },
};

/** Takes what is said or seen of the day into the belief of its form, in place. */
export function feel(belief: Belief, word: DayForm | RampMove): void {
  const day = dayAt(belief);
  const { withState, variance } = seenThrough(belief, { at: [day], weight: [1] });
  const { log, sd } = SAID[word];
  const total = variance + sd ** 2;
  move(belief, withState, (log - belief.mean[day]!) / total, 1 / total);
}
