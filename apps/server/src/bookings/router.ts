import { and, eq, gte, inArray, lt } from 'drizzle-orm';
import { Router } from 'express';
import type { App } from '../http/app';
import { mountInStudio } from '../access/mount';
import { bookings } from '../db/schema';
import { readBookings } from './read';
import { deleteBooking, writeBookings } from './write';

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
    await writeBookings(db, who, [{ id: params.id, ...body }]);
    const [booking] = await readBookings(db, who, eq(bookings.id, params.id));
    return booking!;
  });

  mountInStudio(router, app, 'putBookings', async ({ db, who, body }) => {
    await writeBookings(db, who, body.bookings);
    const ids = body.bookings.map(({ id }) => id);
    return { bookings: await readBookings(db, who, inArray(bookings.id, ids)) };
  });

  mountInStudio(router, app, 'deleteBooking', async ({ db, who, params }) => {
    await deleteBooking(db, who.studioId, params.id);
    return { done: true };
  });

  return router;
}
