import { changeText, countText, percentText } from '@spalo/core/unit';
import type { LiftWorking } from '@spalo/coaching/blocks';
import type { OneChange } from '@spalo/core/block';
import { chanceText } from '../../parts/words/chance-words';
import type { Response, ResponseVerdict } from '@spalo/core/blocks';

/** A verdict in words: what is said of the lift. */
export const verdictWords: Record<ResponseVerdict, string> = {
  working: 'Working',
  'too early': 'Cannot tell yet',
  flat: 'Flat',
  fading: 'Fading',
};

/** How a verdict is coloured; its word says it too. */
export const verdictTone: Record<ResponseVerdict, string> = {
  working: 'text-moss',
  'too early': 'text-slate',
  flat: 'text-slate',
  fading: 'text-oxide',
};

/** What is proposed to change, one thing at a time. */
export const changeTitle: Record<Exclude<OneChange, 'nothing'>, string> = {
  'more reps': 'Change one thing: lighter, more reps',
  'fewer reps': 'Change one thing: heavier, fewer reps',
  'one set more': 'Change one thing: one set more',
  scheme: 'Change one thing: how the loads go on',
};

/** Growth a week with its range: "+0.4% a week, likely +0.1% to +0.7%". */
export const slopeText = ({ middle, low, high }: Response['slope']): string =>
  `${changeText(middle)} a week, likely ${changeText(low)} to ${changeText(high)}`;

/** What says so: how many sessions over how many weeks, how clean. */
export function evidenceText({ response, clean }: LiftWorking): string {
  const { sessions, weeks } = response;
  const of = `${countText(sessions, 'session')} over ${Math.max(1, Math.round(weeks))} weeks`;
  const grows = `${chanceText(response.growing)} likely that it grows by ${changeText(response.worth)} a week, which is worth having`;
  return clean === null ? `${of}; ${grows}` : `${of}, ${percentText(clean)} clean; ${grows}`;
}
