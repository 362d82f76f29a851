import { desc } from 'drizzle-orm';
import { Router } from 'express';
import { mountInStudio } from '../access/mount';
import { safetyCopies } from '../db/schema';
import type { App } from '../http/app';

/** When the whole database was copied: whoever logs here may know how safe it is. */
export function safetyRouter(app: App): Router {
  const router = Router();
  mountInStudio(router, app, 'safetyCopies', async ({ db }) => ({
    copies: await db.select().from(safetyCopies).orderBy(desc(safetyCopies.takenAt)).limit(100),
  }));
  return router;
}
