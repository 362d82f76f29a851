import { dayPlus } from '@spalo/core';
import ICAL from 'ical.js';
import { instantOf, isDay } from '../time/day-time';

export const weekdays = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const;
/** The same days as rules name them (RFC 5545). */
const codes = ['MO', 'TU', 'WE', 'TH', 'FR', 'SA', 'SU'];

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

/**
 * The times of a repeated booking (RFC 5545), at the same hour on the wall before and after the clocks change: the rule counts
 * days as they stand in the calendar of the studio's zone. An hour that a change skips falls on the next that there is.
 */
export function repeated(
  { every, days, count }: Repeat,
  first: { day: string; time: string },
  zone: string,
): { rule: string; startsAt: string[] } {
  const rule = ICAL.Recur.fromData({
    freq: 'WEEKLY',
    interval: every,
    byday: days.map((day) => codes[day]!),
    count,
    wkst: ICAL.Time.MONDAY,
  });
  // Days without an hour or a zone; the hour is the studio's.
  const all = rule.iterator(ICAL.Time.fromDateString(first.day));
  const startsAt: string[] = [];
  for (let day = all.next(); day; day = all.next()) {
    const at = instantOf(day.toString(), first.time, zone);
    if (at) startsAt.push(at);
  }
  return { rule: rule.toString(), startsAt };
}

/** How a rule is said: "Every week on Mon and Thu, 12 times". */
export function ruleText(rule: string): string {
  try {
    const { freq, interval, count, parts } = ICAL.Recur.fromString(rule);
    if (freq !== 'WEEKLY') return 'Repeated';
    const named = (parts.BYDAY ?? []).map((code) => weekdays[codes.indexOf(String(code))]!);
    const days = new Intl.ListFormat('en-GB').format(named);
    const often = interval === 1 ? 'Every week' : `Every ${interval} weeks`;
    return [`${often}${days && ` on ${days}`}`, ...(count ? [`${count} times`] : [])].join(', ');
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
