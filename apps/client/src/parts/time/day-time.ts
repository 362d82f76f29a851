import { TZDate } from '@date-fns/tz';
// One by one: the package's index would bring all of it along.
import { addDays } from 'date-fns/addDays';
import { format } from 'date-fns/format';
import { isSameDay } from 'date-fns/isSameDay';
import { startOfDay } from 'date-fns/startOfDay';

/** A day in the studio's zone, as the two instants it lies between. */
export function dayBounds(
  nowMs: number,
  zone: string,
  offset = 0,
): { from: string; to: string; label: string } {
  const day = addDays(startOfDay(new TZDate(nowMs, zone)), offset);
  const iso = (date: Date) => new Date(date.getTime()).toISOString();
  return { from: iso(day), to: iso(addDays(day, 1)), label: format(day, 'EEEE d MMMM') };
}

/** "24 Nov 2026, 10:30". */
export const dayAndTime = (iso: string, zone: string) =>
  format(new TZDate(iso, zone), 'd MMM yyyy, HH:mm');

/** The clock time of an instant in the studio's zone. */
export const clockTime = (iso: string, zone: string) => format(new TZDate(iso, zone), 'HH:mm');

/** A date as it is said in a list: "Tue 24 Nov", with the year where it is another. */
export function shortDate(iso: string, zone: string, nowMs: number): string {
  const date = new TZDate(iso, zone);
  const now = new TZDate(nowMs, zone);
  if (isSameDay(date, now)) return 'today';
  return format(date, date.getFullYear() === now.getFullYear() ? 'EEE d MMM' : 'd MMM yyyy');
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

/** A day as a form holds it, in a zone. */
export const formDay = (ms: number, zone: string) => format(new TZDate(ms, zone), 'yyyy-MM-dd');
