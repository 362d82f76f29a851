import type { Booking } from '@spalo/contract';
import { and, asc, eq, gte, lt, type SQL } from 'drizzle-orm';
import { Router } from 'express';
import type { Who } from '../accounts/sign-in';
import type { App } from '../app';
import { requireClient } from '../clients/read';
import type { StudioDb } from '../db/database';
import { bookings, sessions } from '../db/schema';
import { announce } from '../http/change-feed';
import { mountInStudio } from '../http/mount';

async function readBookings(db: StudioDb, who: Who, where: SQL | undefined): Promise<Booking[]> {
  const rows = await db
    .select()
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
    const { id, clientId, trainerId, startsAt, minutes } = row.bookings;
    const session = row.sessions && {
      id: row.sessions.id,
      finished: row.sessions.finishedAt !== null,
    };
    const known = once.get(id);
    if (!known?.session?.finished)
      once.set(id, { id, clientId, trainerId, startsAt, minutes, session });
  }
  return [...once.values()];
}

export function bookingsRouter(app: App): Router {
  const router = Router();

  mountInStudio(router, app, 'bookings', async ({ db, who, query }) => ({
    bookings: await readBookings(
      db,
      who,
      and(gte(bookings.startsAt, query.from), lt(bookings.startsAt, query.to)),
    ),
  }));

  mountInStudio(router, app, 'putBooking', async ({ db, who, params, body }) => {
    const { studioId, trainerId } = who;
    await requireClient(db, studioId, body.clientId);
    await db
      .insert(bookings)
      .values({ studioId, id: params.id, trainerId, ...body })
      .onConflictDoUpdate({ target: [bookings.studioId, bookings.id], set: body });
    await announce(db, studioId, { kind: 'changed', what: 'bookings' });
    const [booking] = await readBookings(db, who, eq(bookings.id, params.id));
    return booking!;
  });

  return router;
}
