import type { ReportedLift, Sureness } from '../person/person';
import { enduranceAt, move, placesOf, seenThrough, type Belief, repConstantAt } from './belief';

/** Error of what people say they lifted, as a standard deviation of the log, fresh; and what each month adds. */
const SAID_SD: Record<Sureness, number> = { sure: 0.14, about: 0.2, guess: 0.3 };
const SD_PER_MONTH = 0.012;
const MOST_SD = 0.5;
/** People tell their better days, and lose some of it since: about 4 %, and half a percent a month. */
const FLATTERY = 0.04;
const LOST_PER_MONTH = 0.005;
const MOST_LOST = 0.15;
/** Reps that were likely left when nobody says. */
const RESERVE = 1;

/** Takes what the client says they lifted before into the belief, in place, as weak evidence that fades with age. */
export function hearReport(belief: Belief, report: ReportedLift): void {
  const at = placesOf(belief.lifts).get(report.liftId);
  if (at === undefined) return;
  const endurance = enduranceAt(belief);
  const k = repConstantAt(belief, at);
  const repsToLimit = report.reps + RESERVE;
  const lost = Math.min(MOST_LOST, LOST_PER_MONTH * report.monthsAgo);
  const surprise =
    Math.log(report.loadG) - FLATTERY - lost - (belief.mean[at]! - Math.log(1 + repsToLimit / k));
  const sd = Math.min(MOST_SD, SAID_SD[report.sure] + SD_PER_MONTH * report.monthsAgo);
  const { withState, variance } = seenThrough(belief, {
    at: [at, endurance],
    weight: [1, repsToLimit / (k + repsToLimit)],
  });
  // A report that nothing supports (a mistyped hundred) pulls no further than two and a half standard deviations.
  const total = Math.max(variance + sd ** 2, (surprise / 2.5) ** 2);
  move(belief, withState, surprise / total, 1 / total);
}
