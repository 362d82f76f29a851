import type { Booking, BookingFacts } from '@spalo/contract';
import type { SessionState } from '@spalo/core/session';
import type { Entry } from '../log/journal-store';
import { changesAmong, laidOver, type Overlays } from './overlays';

type BookingChange = 'putBooking' | 'putBookings' | 'deleteBooking';

/** A booking made here is the trainer's own, where nobody else is named; what it leaves unsaid stays as it was. */
function lay(bookings: Map<string, Booking>, id: string, facts: BookingFacts, trainerId: string) {
  const known = bookings.get(id) ?? { trainerId, session: null };
  const said = Object.fromEntries(Object.entries(facts).filter(([, value]) => value !== undefined));
  bookings.set(id, {
    ...known,
    ...(said as BookingFacts),
    id,
    trainerId: facts.trainerId ?? known.trainerId,
  });
}

const bookingOverlays = (trainerId: string): Overlays<Booking, BookingChange> => ({
  putBooking(bookings, { params: { id }, body }) {
    lay(bookings, id, body, trainerId);
  },
  putBookings(bookings, { body }) {
    for (const { id, ...facts } of body.bookings) lay(bookings, id, facts, trainerId);
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
