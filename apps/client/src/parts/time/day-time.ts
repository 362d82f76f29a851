import { TZDate } from '@date-fns/tz';
import { writtenDay, LANGUAGE } from '@spalo/core/unit';
// One by one: the package's index would bring all of it along.
import { addDays } from 'date-fns/addDays';
import { isSameDay } from 'date-fns/isSameDay';
import { startOfDay } from 'date-fns/startOfDay';
import { startOfWeek } from 'date-fns/startOfWeek';

/** Formatters are costly to make: one of each zone and length is kept. */
const formatters = new Map<string, Intl.DateTimeFormat>();

/** The parts of an instant in a zone, in words: weekday and month short or long, hours from 00 to 23. */
function partsOf(ms: number, zone: string, length: 'short' | 'long') {
  const key = `${zone} ${length}`;
  const kept = formatters.get(key);
  const formatter =
    kept ??
    new Intl.DateTimeFormat(LANGUAGE, {
      timeZone: zone,
      weekday: length,
      day: 'numeric',
      month: length,
      year: 'numeric',
      hour: '2-digit',
      minute: '2-digit',
      hourCycle: 'h23',
    });
  if (!kept) formatters.set(key, formatter);
  return Object.fromEntries(formatter.formatToParts(ms).map(({ type, value }) => [type, value]));
}

/** A day in the studio's zone, as the two instants it lies between. */
export function dayBounds(
  nowMs: number,
  zone: string,
  offset = 0,
): { from: string; to: string; label: string } {
  const day = addDays(startOfDay(new TZDate(nowMs, zone)), offset);
  const { weekday, day: date, month } = partsOf(day.getTime(), zone, 'long');
  const iso = (at: Date) => new Date(at.getTime()).toISOString();
  return { from: iso(day), to: iso(addDays(day, 1)), label: `${weekday} ${date} ${month}` };
}

/** Where days and weeks begin; a week on Monday where nothing else is said. */
export interface Almanac {
  zone: string;
  weekStart?: 0 | 1 | 6 | undefined;
}

/** The week that holds an instant, as the two instants it lies between; `offset` weeks on. */
export function weekBounds(
  nowMs: number,
  { zone, weekStart = 1 }: Almanac,
  offset = 0,
): { from: string; to: string } {
  const first = startOfWeek(new TZDate(nowMs, zone), { weekStartsOn: weekStart });
  const iso = (at: Date) => new Date(at.getTime()).toISOString();
  return { from: iso(addDays(first, offset * 7)), to: iso(addDays(first, offset * 7 + 7)) };
}

/** "24 Nov 2026, 10:30". */
export function dayAndTime(iso: string, zone: string): string {
  const { day, month, year, hour, minute } = partsOf(Date.parse(iso), zone, 'short');
  return `${day} ${month} ${year}, ${hour}:${minute}`;
}

/** The clock time of an instant in the studio's zone. */
export function clockTime(iso: string, zone: string): string {
  const { hour, minute } = partsOf(Date.parse(iso), zone, 'short');
  return `${hour}:${minute}`;
}

/** A date as it is said in a list: "Tue 24 Nov", with the year where it is another. */
export function shortDate(iso: string, zone: string, nowMs: number): string {
  const date = new TZDate(iso, zone);
  const now = new TZDate(nowMs, zone);
  if (isSameDay(date, now)) return 'today';
  const { weekday, day, month, year } = partsOf(date.getTime(), zone, 'short');
  const thisYear = date.getFullYear() === now.getFullYear();
  return thisYear ? `${weekday} ${day} ${month}` : `${day} ${month} ${year}`;
}

/** An instant for a wall-clock day ("2026-11-24") and time ("09:30") in a zone; null when either is not one. */
export function instantOf(day: string, time: string, zone: string): string | null {
  const [, year, month, date] = /^(\d{4})-(\d{2})-(\d{2})$/.exec(day.trim()) ?? [];
  const [, hour, minute] = /^(\d{1,2}):(\d{2})$/.exec(time.trim()) ?? [];
  if (!year || !hour || Number(hour) > 23 || Number(minute) > 59) return null;
  const made = new TZDate(
    Number(year),
    Number(month) - 1,
    Number(date),
    Number(hour),
    Number(minute),
    zone,
  );
  const valid = made.getMonth() === Number(month) - 1 && made.getDate() === Number(date);
  return valid ? new Date(made.getTime()).toISOString() : null;
}

const two = (number: number) => String(number).padStart(2, '0');

/** A day as a form holds it, in a zone. */
export function formDay(ms: number, zone: string): string {
  const day = new TZDate(ms, zone);
  return `${day.getFullYear()}-${two(day.getMonth() + 1)}-${two(day.getDate())}`;
}

/** Whether a text is a day as forms hold it ("2026-11-24"). */
export const isDay = (text: string): boolean => writtenDay(text, 'day first') === text;

/** What is said beside a field that holds no day. */
export const NO_DAY = 'A day, as 24 Nov 2026';
