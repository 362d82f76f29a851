import { and, eq, gte, lt } from 'drizzle-orm';
import { Router } from 'express';
import type { App } from '../http/app';
import { requireClient } from '../clients/read';
import { bookings } from '../db/schema';
import { announce } from '../db/announce';
import { Refusal } from '../http/refusal';
import { mountInStudio } from '../access/mount';
import { readBookings } from './read';

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

  mountInStudio(router, app, 'deleteBooking', async ({ db, who, params }) => {
    const { studioId } = who;
    const [booking] = await readBookings(db, who, eq(bookings.id, params.id));
    if (!booking) throw new Refusal('not-found', 'No such booking');
    if (booking.session) throw new Refusal('conflict', 'A session was held for this booking');
    await db
      .delete(bookings)
      .where(and(eq(bookings.studioId, studioId), eq(bookings.id, params.id)));
    await announce(db, studioId, { kind: 'changed', what: 'bookings' });
    return { done: true };
  });

  return router;
}
