import type { Booking } from '@spalo/contract';
import type { SessionState } from '@spalo/core';
import type { Entry } from '../log/journal-store';
import { changesAmong, laidOver, type Overlays } from './overlays';

/** A booking made here is the trainer's own. */
const bookingOverlays = (trainerId: string): Overlays<Booking, 'putBooking' | 'deleteBooking'> => ({
  putBooking(bookings, { params: { id }, body }) {
    const known = bookings.get(id);
    bookings.set(id, { trainerId, session: null, ...known, ...body, id });
  },
  deleteBooking(bookings, { params: { id } }) {
    bookings.delete(id);
  },
});

/** Bookings as the server has them, with those made here and the sessions that this device knows of. */
export function overlayBookings(
  served: readonly Booking[],
  waiting: readonly Entry[],
  sessions: Iterable<SessionState>,
  trainerId: string,
  between: { from: string; to: string },
): Booking[] {
  const bookings = laidOver(served, changesAmong(waiting), bookingOverlays(trainerId));
  for (const session of sessions) {
    const booking = session.bookingId ? bookings.get(session.bookingId) : undefined;
    if (!booking) continue;
    const finished = session.finishedAt !== null;
    bookings.set(booking.id, { ...booking, session: { id: session.id, finished } });
  }
  return [...bookings.values()]
    .filter(({ startsAt }) => startsAt >= between.from && startsAt < between.to)
    .sort((a, b) => (a.startsAt + a.id < b.startsAt + b.id ? -1 : 1));
}
