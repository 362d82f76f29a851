import type { HourRow } from '../../parts/booking/use-hours';
import { clockTime, dayBounds, formDay } from '../../parts/time/day-time';

/** A day of the calendar, with its bookings. */
export interface CalendarDay {
  /** "2026-11-24". */
  day: string;
  /** "Tue 24". */
  label: string;
  from: string;
  isToday: boolean;
  rows: HourRow[];
}

/** The first and last hour that a day shows, where nothing is earlier or later. */
const HOURS = { first: 7, last: 20 } as const;

const HOUR_MS = 3600 * 1000;

/** Days from an instant on, with the bookings that start on each. */
export function daysFrom(
  fromMs: number,
  count: number,
  rows: readonly HourRow[],
  zone: string,
  nowMs: number,
): CalendarDay[] {
  const today = formDay(nowMs, zone);
  return Array.from({ length: count }, (_, at): CalendarDay => {
    // From noon, so that an hour more or less of a clock change stays on the day.
    const { from, to, label } = dayBounds(fromMs + 12 * HOUR_MS, zone, at);
    const day = formDay(Date.parse(from), zone);
    const [weekday = '', date = ''] = label.split(' ');
    return {
      day,
      label: `${weekday.slice(0, 3)} ${date}`,
      from,
      isToday: day === today,
      rows: rows.filter(({ booking }) => booking.startsAt >= from && booking.startsAt < to),
    };
  });
}

/** An hour of the day as a number, on the wall clock of a zone: 9.5 for 09:30. */
export function hourOf(iso: string, zone: string): number {
  const [hours = 0, minutes = 0] = clockTime(iso, zone).split(':').map(Number);
  return hours + minutes / 60;
}

/** The hours that days show: the usual ones, and all in which something is booked. */
export function hoursShown(
  days: readonly CalendarDay[],
  zone: string,
): { first: number; last: number } {
  const starts = days.flatMap(({ rows }) =>
    rows.map(({ booking }) => hourOf(booking.startsAt, zone)),
  );
  const ends = days.flatMap(({ rows }) =>
    rows.map(({ booking }) => hourOf(booking.startsAt, zone) + booking.minutes / 60),
  );
  return {
    first: Math.floor(Math.min(HOURS.first, ...starts)),
    last: Math.min(24, Math.ceil(Math.max(HOURS.last, ...ends))),
  };
}

const two = (number: number) => String(number).padStart(2, '0');

/** An hour as a number on the quarter, as a time: "09:30". */
export const timeText = (hour: number): string => {
  const quarters = Math.max(0, Math.min(95, Math.round(hour * 4)));
  return `${two(Math.floor(quarters / 4))}:${two((quarters % 4) * 15)}`;
};
