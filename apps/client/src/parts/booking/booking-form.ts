import type { Booking } from '@spalo/contract';
import { z } from 'zod';
import { instantOf } from '../time/day-time';

/** A day and a time in the studio's zone. */
export const bookingForm = (zone: string) =>
  z
    .object({ day: z.string(), time: z.string(), minutes: z.string() })
    .superRefine(({ day, time, minutes }, context) => {
      const issue = (path: string, message: string) =>
        context.addIssue({ code: 'custom', path: [path], message });
      if (!instantOf(day, '12:00', zone)) issue('day', 'A day as 2026-11-24');
      if (!instantOf('2026-01-01', time, zone)) issue('time', 'A time as 09:30');
      const length = Number(minutes);
      if (!Number.isInteger(length) || length < 10 || length > 240)
        issue('minutes', 'Between 10 and 240');
    })
    .transform(({ day, time, minutes }) => ({
      startsAt: instantOf(day, time, zone)!,
      minutes: Number(minutes),
    }));

const MINUTE_MS = 60_000;

/** What is odd about a booking that is wanted, as a question; null where nothing is. */
export function bookingDoubt(
  wanted: Pick<Booking, 'id' | 'clientId' | 'startsAt' | 'minutes'>,
  others: readonly Pick<Booking, 'id' | 'clientId' | 'startsAt' | 'minutes'>[],
  nowMs: number,
): string | null {
  const from = Date.parse(wanted.startsAt);
  if (from < nowMs) return 'That time has passed. Is it meant?';
  const to = from + wanted.minutes * MINUTE_MS;
  const twice = others.some(({ id, clientId, startsAt, minutes }) => {
    const start = Date.parse(startsAt);
    const overlaps = start < to && start + minutes * MINUTE_MS > from;
    return id !== wanted.id && clientId === wanted.clientId && overlaps;
  });
  return twice ? 'They are booked at that time already. Twice?' : null;
}
