import type { Booking } from '@spalo/contract';
import { and, asc, eq, type SQL } from 'drizzle-orm';
import type { Who } from '../access/sign-in';
import type { StudioDb } from '../db/database';
import { bookings, sessions } from '../db/schema';

/** Bookings of the studio in time's order, each with the session that was run for it. */
export async function readBookings(
  db: StudioDb,
  who: Who,
  where: SQL | undefined,
): Promise<Booking[]> {
  const rows = await db
    .select({
      bookings,
      session: { id: sessions.id, finishedAt: sessions.finishedAt },
    })
    .from(bookings)
    .leftJoin(
      sessions,
      and(eq(sessions.studioId, bookings.studioId), eq(sessions.bookingId, bookings.id)),
    )
    .where(and(eq(bookings.studioId, who.studioId), where))
    .orderBy(asc(bookings.startsAt), asc(bookings.id));
  // Two devices may each have started a session for the same booking: the booking is listed once.
  const once = new Map<string, Booking>();
  for (const row of rows) {
    const { studioId: _studio, ...booked } = row.bookings;
    const { id } = booked;
    const session = row.session && {
      id: row.session.id,
      finished: row.session.finishedAt !== null,
    };
    const known = once.get(id);
    if (!known?.session?.finished) once.set(id, { ...booked, session });
  }
  return [...once.values()];
}
