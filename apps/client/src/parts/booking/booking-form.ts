import type { Booking } from '@spalo/contract';
import { instantOf } from '../time/day-time';

/** A booking as it is typed: a day and a time in the studio's zone. */
export interface TypedBooking {
  day: string;
  time: string;
  minutes: string;
}

type Problems = Partial<Record<keyof TypedBooking, string>>;

/** What was typed as a booking, or what is wrong with it, by field. Plain, so that the day carries no form library. */
export function readBooking(
  { day, time, minutes }: TypedBooking,
  zone: string,
): { booking: Pick<Booking, 'startsAt' | 'minutes'> } | { problems: Problems } {
  const startsAt = instantOf(day, time, zone);
  const length = Number(minutes);
  const problems: Problems = {
    ...(!instantOf(day, '12:00', zone) && { day: 'A day as 2026-11-24' }),
    ...(!instantOf('2026-01-01', time, zone) && { time: 'A time as 09:30' }),
    ...(!(Number.isInteger(length) && length >= 10 && length <= 240) && {
      minutes: 'Between 10 and 240',
    }),
  };
  return startsAt === null || Object.keys(problems).length > 0
    ? { problems }
    : { booking: { startsAt, minutes: length } };
}

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
