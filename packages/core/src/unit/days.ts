import { LANGUAGE } from './language';

/** Days as they are kept and typed: 2026-11-24. */
const DAY_MS = 24 * 3600 * 1000;

/** Where the studio's clocks hang: what is a day is asked there, wherever the device or the server stands. */
let zone = 'UTC';

/** Formatters are costly to make: one of each zone is kept. */
const formatters = new Map<string, Intl.DateTimeFormat>();

/** Sets the zone of the studio that this process works for (IANA, as `Europe/Berlin`). Throws a RangeError for none. */
export function setStudioZone(name: string): void {
  dayIn(0, name);
  zone = name;
}

/** The day of a moment (ISO 8601, or ms since 1970) in a zone, as 2026-11-24. Throws a RangeError for no moment or zone. */
export function dayIn(at: string | number, name: string): string {
  let formatter = formatters.get(name);
  if (!formatter) {
    const figures = { year: 'numeric', month: '2-digit', day: '2-digit' } as const;
    formatter = new Intl.DateTimeFormat(LANGUAGE, { timeZone: name, ...figures });
    formatters.set(name, formatter);
  }
  const parts = formatter.formatToParts(typeof at === 'string' ? Date.parse(at) : at);
  const part = (wanted: string) => parts.find(({ type }) => type === wanted)?.value ?? '';
  return `${part('year').padStart(4, '0')}-${part('month')}-${part('day')}`;
}

/** The day of a moment where the studio is: half past eleven at night is still today in Los Angeles, whatever UTC has. */
export const studioDay = (at: string | number): string => dayIn(at, zone);

/** The day so many days after one; before it for less than nothing. */
export const dayPlus = (day: string, more: number): string =>
  dayIn(Date.parse(day) + more * DAY_MS, 'UTC');

const underFigures = new Intl.DateTimeFormat(LANGUAGE, {
  day: 'numeric',
  month: 'short',
  timeZone: 'UTC',
});
const IS_DAY = /^\d{4}-\d\d-\d\d$/;

/** A day, or the studio's day of a moment, as it stands under a figure: "24 Nov". */
export const shortDay = (at: string): string =>
  underFigures.format(Date.parse(IS_DAY.test(at) ? at : studioDay(at)));
