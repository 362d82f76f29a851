import { countText } from '@spalo/core/unit';
import type { LiftWorking } from '@spalo/coaching/blocks';
import type { Response, ResponseVerdict } from '@spalo/core/blocks';

/** A verdict in words: what is said of the lift. */
export const verdictWords: Record<ResponseVerdict, string> = {
  responding: 'Responding',
  'too early': 'Too early to say',
  fading: 'Fading',
  'going back': 'Going back',
};

const percent = (growth: number) =>
  `${growth < 0 ? '−' : '+'}${Math.abs(growth * 100).toFixed(1)} %`;

/** Growth a week with its range: "+0.4 % a week, likely +0.1 % to +0.7 %". */
export const slopeText = ({ middle, low, high }: Response['slope']): string =>
  `${percent(middle)} a week, likely ${percent(low)} to ${percent(high)}`;

/** What says so: how many sessions over how many weeks, how clean. */
export function evidenceText({ response, clean }: LiftWorking): string {
  const { sessions, weeks } = response;
  const of = `${countText(sessions, 'session')} over ${Math.max(1, Math.round(weeks))} weeks`;
  const grows = `${Math.round(response.growing * 10) * 10} % likely that it still grows enough`;
  return clean === null ? `${of}; ${grows}` : `${of}, ${Math.round(clean * 100)} % clean; ${grows}`;
}
