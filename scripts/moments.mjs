/**
 * The moments that the end-to-end tests are run at. The demo is made around them, so each must pass at all: on every
 * day of the week right after midnight, at noon and right before midnight; over a leap day, a year's end and the
 * changes of clocks of a northern and a southern zone. Each is the local time of its zone.
 *
 * @typedef {{ now: string, zone: string, why: string }} Moment
 */

/** A week from a Monday on, after the kept fixtures of older versions were made. */
const WEEK = ['07', '08', '09', '10', '11', '12', '13'];
const HOURS = ['00:10', '12:00', '23:50'];

/** @type {readonly Moment[]} */
export const moments = [
  ...HOURS.flatMap((hour) =>
    WEEK.map((day) => ({ now: `2026-12-${day}T${hour}`, zone: 'UTC', why: 'a week' })),
  ),
  { now: '2028-02-28T23:50', zone: 'UTC', why: 'before a leap day' },
  { now: '2028-02-29T12:00', zone: 'UTC', why: 'a leap day' },
  { now: '2026-12-31T23:50', zone: 'UTC', why: "a year's end" },
  { now: '2027-01-01T00:10', zone: 'UTC', why: "a year's beginning" },
  { now: '2027-03-28T01:50', zone: 'Europe/Berlin', why: 'clocks go forward' },
  { now: '2027-10-31T02:10', zone: 'Europe/Berlin', why: 'clocks go back' },
  { now: '2027-04-04T02:10', zone: 'Pacific/Auckland', why: 'clocks go back' },
  { now: '2027-09-26T01:50', zone: 'Pacific/Auckland', why: 'clocks go forward' },
];

/** How to run at a moment, as one types it. */
export const typed = ({ now, zone }) => `SPALO_NOW=${now} TZ=${zone}`;

/** The moment that a day's runs take, so that all come round in turn; or the one that SPALO_NOW and TZ ask for. */
export function momentFor(ms, { SPALO_NOW, TZ } = process.env) {
  if (SPALO_NOW) return { now: SPALO_NOW, zone: TZ ?? 'UTC', why: 'asked for' };
  return moments[Math.floor(ms / 86_400_000) % moments.length];
}
