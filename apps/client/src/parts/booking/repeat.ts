import { dayPlus } from '@spalo/core/unit';
import { RRule, type Weekday } from 'rrule';
import { instantOf, isDay } from '../time/day-time';

export const weekdays = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const;
const rules: readonly Weekday[] = [
  RRule.MO,
  RRule.TU,
  RRule.WE,
  RRule.TH,
  RRule.FR,
  RRule.SA,
  RRule.SU,
];

/** How a booking is repeated. */
export interface Repeat {
  /** Every so many weeks. */
  every: 1 | 2;
  /** Days of the week, from 0 for Monday. */
  days: readonly number[];
  /** How many bookings there are in all. */
  count: number;
}

/** The weekday of a day ("2026-11-24"), from 0 for Monday. */
export const weekdayOf = (day: string): number =>
  (new Date(`${day}T12:00:00Z`).getUTCDay() + 6) % 7;

/** The same repeat from another day on: where it was on the weekday of the day before, it is on that of the new one. */
export const fromDay = (repeat: Repeat, before: string, after: string): Repeat =>
  isDay(before) && isDay(after) && repeat.days.length === 1 && repeat.days[0] === weekdayOf(before)
    ? { ...repeat, days: [weekdayOf(after)] }
    : repeat;

const two = (number: number) => String(number).padStart(2, '0');

/**
 * The times of a repeated booking (RFC 5545), at the same hour on the wall before and after the clocks change: the rule counts
 * days as they stand in the calendar of the studio's zone. An hour that a change skips falls on the next that there is.
 */
export function repeated(
  { every, days, count }: Repeat,
  first: { day: string; time: string },
  zone: string,
): { rule: string; startsAt: string[] } {
  const [year = 0, month = 1, date = 1] = first.day.split('-').map(Number);
  const rule = new RRule({
    freq: RRule.WEEKLY,
    interval: every,
    byweekday: days.map((day) => rules[day]!),
    count,
    wkst: RRule.MO,
    // Days without an hour or a zone: noon of the day, so that no rounding moves it.
    dtstart: new Date(Date.UTC(year, month - 1, date, 12)),
  });
  const startsAt = rule.all().flatMap((each) => {
    const day = `${each.getUTCFullYear()}-${two(each.getUTCMonth() + 1)}-${two(each.getUTCDate())}`;
    return instantOf(day, first.time, zone) ?? [];
  });
  return {
    rule: RRule.optionsToString({ ...rule.origOptions, dtstart: null }).replace('RRULE:', ''),
    startsAt,
  };
}

/** How a rule is said: "Every Mon and Thu, 12 times". */
export function ruleText(rule: string): string {
  try {
    const text = RRule.fromString(rule).toText();
    return text.charAt(0).toUpperCase() + text.slice(1);
  } catch {
    return 'Repeated';
  }
}

/** Moves bookings of a series as one of them was moved: by as many days, to the same hour on the wall. */
export function movedAlike(
  startsAt: string,
  from: { day: string },
  to: { day: string; time: string },
  zone: string,
  dayOf: (iso: string) => string,
): string {
  const DAY_MS = 24 * 3600 * 1000;
  const by = Math.round((Date.parse(to.day) - Date.parse(from.day)) / DAY_MS);
  const day = dayPlus(dayOf(startsAt), by);
  return instantOf(day, to.time, zone) ?? startsAt;
}
