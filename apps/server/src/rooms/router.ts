import { and, asc, eq } from 'drizzle-orm';
import { Router } from 'express';
import type { App } from '../http/app';
import { bookings, rooms } from '../db/schema';
import { announce } from '../db/announce';
import { mountInStudio } from '../access/mount';
import { Refusal } from '../http/refusal';

const columns = {
  id: rooms.id,
  name: rooms.name,
  bars: rooms.bars,
  plates: rooms.plates,
  dumbbells: rooms.dumbbells,
  kettlebells: rooms.kettlebells,
  stacks: rooms.stacks,
  machines: rooms.machines,
  bands: rooms.bands,
  furniture: rooms.furniture,
};

/** The studio's rooms and what stands in them. */
export function roomsRouter(app: App): Router {
  const router = Router();

  mountInStudio(router, app, 'rooms', async ({ db, who }) => ({
    rooms: await db
      .select(columns)
      .from(rooms)
      .where(eq(rooms.studioId, who.studioId))
      .orderBy(asc(rooms.name), asc(rooms.id)),
  }));

  mountInStudio(router, app, 'putRoom', async ({ db, who, params, body }) => {
    const { studioId } = who;
    const [row] = await db
      .insert(rooms)
      .values({ studioId, id: params.id, ...body })
      .onConflictDoUpdate({ target: [rooms.studioId, rooms.id], set: body })
      .returning(columns);
    await announce(db, studioId, { kind: 'changed', what: 'rooms' });
    return row!;
  });

  mountInStudio(router, app, 'deleteRoom', async ({ db, who, params }) => {
    const { studioId } = who;
    const held = await db.select({ id: rooms.id }).from(rooms).where(eq(rooms.studioId, studioId));
    if (!held.some((room) => room.id === params.id)) throw new Refusal('not-found', 'No such room');
    if (held.length < 2) throw new Refusal('conflict', 'A studio keeps at least one room');
    await db.delete(rooms).where(and(eq(rooms.studioId, studioId), eq(rooms.id, params.id)));
    // What was booked there is booked where one is.
    await db
      .update(bookings)
      .set({ roomId: null })
      .where(and(eq(bookings.studioId, studioId), eq(bookings.roomId, params.id)));
    await announce(db, studioId, { kind: 'changed', what: 'rooms' });
    await announce(db, studioId, { kind: 'changed', what: 'bookings' });
    return { done: true };
  });

  return router;
}
