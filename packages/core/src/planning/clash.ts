import { isExpected, type BookingState } from './booked';

const MINUTE_MS = 60_000;
/** How many clients one trainer can have in one slot. */
const MOST_IN_SLOT = 4;

/** A booking as clashes are looked for in it. */
export interface Hour {
  id: string;
  clientId: string;
  trainerId: string;
  startsAt: string;
  minutes: number;
  state?: BookingState | undefined;
}

const endOf = ({ startsAt, minutes }: Hour) => Date.parse(startsAt) + minutes * MINUTE_MS;

/** Whether two bookings are at the same time for a while; none that is called off is. */
export const overlaps = (one: Hour, other: Hour): boolean =>
  isExpected(one) &&
  isExpected(other) &&
  Date.parse(one.startsAt) < endOf(other) &&
  Date.parse(other.startsAt) < endOf(one);

/** The bookings that cross one, itself left out. */
export const crossing = <T extends Hour>(hour: Hour, all: readonly T[]): T[] =>
  all.filter((other) => other.id !== hour.id && overlaps(hour, other));

/** What is odd about a booking beside the others: it is said, not forbidden. */
type Clash = { clash: 'client'; with: string } | { clash: 'trainer'; clients: number };

/** How many of a trainer's clients are there at once, at the fullest moment of a booking; it counts itself. */
function fullest(hour: Hour, others: readonly Hour[]): number {
  const starts = [hour, ...others].map(({ startsAt }) => Date.parse(startsAt));
  const within = starts.filter((at) => at >= Date.parse(hour.startsAt) && at < endOf(hour));
  const thereAt = (at: number) =>
    others.filter((other) => Date.parse(other.startsAt) <= at && at < endOf(other)).length;
  return 1 + Math.max(...within.map(thereAt));
}

/** Clashes of a booking: its client twice at once, or more clients than a trainer can have. */
export function clashesOf(hour: Hour, all: readonly Hour[]): Clash[] {
  const others = crossing(hour, all);
  const twice = others.filter(({ clientId }) => clientId === hour.clientId);
  const same = others.filter(({ trainerId }) => trainerId === hour.trainerId);
  const clients = fullest(hour, same);
  return [
    ...twice.map(({ id }): Clash => ({ clash: 'client', with: id })),
    ...(clients > MOST_IN_SLOT ? [{ clash: 'trainer', clients } as const] : []),
  ];
}
