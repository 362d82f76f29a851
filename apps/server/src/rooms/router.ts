import { asc, eq } from 'drizzle-orm';
import { Router } from 'express';
import type { App } from '../app';
import { rooms } from '../db/schema';
import { mountInStudio } from '../http/mount';

export function roomsRouter(app: App): Router {
  const router = Router();

  mountInStudio(router, app, 'rooms', async ({ db, who }) => {
    const { id, name, bars, plates, dumbbells } = rooms;
    return {
      rooms: await db
        .select({ id, name, bars, plates, dumbbells })
        .from(rooms)
        .where(eq(rooms.studioId, who.studioId))
        .orderBy(asc(name)),
    };
  });

  return router;
}
