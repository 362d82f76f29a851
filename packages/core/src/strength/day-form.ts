import { dayAt, move, seenThrough, type Belief } from './belief';

/** How a client says they are, when they come in. */
export const dayForms = ['rough', 'usual', 'fresh'] as const;
export type DayForm = (typeof dayForms)[number];

/**
 * Log strength that each word stands for, and how far off such a word is. Ours, not measured: what people say of their day
 * goes only weakly with what they then lift, so a rough day moves it by 2 % and the first sets decide.
 */
const SAID: Record<DayForm, number> = { rough: -0.06, usual: 0, fresh: 0.03 };
const NOISE_SD = 0.04;

/** Takes what a client says of the day into the belief of its form, in place. */
export function feel(belief: Belief, form: DayForm): void {
  const day = dayAt(belief);
  const { withState, variance } = seenThrough(belief, { at: [day], weight: [1] });
  const total = variance + NOISE_SD ** 2;
  move(belief, withState, (SAID[form] - belief.mean[day]!) / total, 1 / total);
}
