import type { Booking } from '@spalo/contract';
import { clashesOf } from '@spalo/core/planning';
import { NO_DAY, instantOf } from '../time/day-time';

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
    ...(!instantOf(day, '12:00', zone) && { day: NO_DAY }),
    ...(!instantOf('2026-01-01', time, zone) && { time: 'A time as 09:30' }),
    ...(!(Number.isInteger(length) && length >= 10 && length <= 240) && {
      minutes: 'Between 10 and 240',
    }),
  };
  return startsAt === null || Object.keys(problems).length > 0
    ? { problems }
    : { booking: { startsAt, minutes: length } };
}

type Wanted = Pick<Booking, 'id' | 'clientId' | 'trainerId' | 'startsAt' | 'minutes' | 'state'>;

/** What is odd about a booking that is wanted, as a question; null where nothing is. */
function doubtOf(wanted: Wanted, others: readonly Wanted[], nowMs: number): string | null {
  if (Date.parse(wanted.startsAt) < nowMs) return 'That time has passed. Is it meant?';
  const [clash] = clashesOf(wanted, others);
  if (!clash) return null;
  return clash.clash === 'client'
    ? 'They are booked at that time already. Twice?'
    : `That makes ${clash.clients} clients at once for one trainer. Is it meant?`;
}

/** What is odd about bookings that are wanted together, as a question; null where nothing is. */
export function bookingDoubt(
  wanted: readonly Wanted[],
  others: readonly Wanted[],
  nowMs: number,
): string | null {
  const doubts = wanted.flatMap((each) => doubtOf(each, others, nowMs) ?? []);
  const [first] = doubts;
  if (!first || wanted.length === 1) return first ?? null;
  return `${doubts.length} of ${wanted.length}: ${first}`;
}
