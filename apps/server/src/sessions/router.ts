import { Router } from 'express';
import { mountInStudio } from '../access/mount';
import { requireClient } from '../clients/read';
import type { App } from '../http/app';
import { readEvidence } from './evidence';
import { readSession, readSessions } from './read';

/** Sessions as their logs tell them, and the sets that a belief is replayed from. */
export function sessionsRouter(app: App): Router {
  const router = Router();

  mountInStudio(router, app, 'session', ({ db, who, params }) =>
    readSession(db, who.studioId, params.id),
  );

  mountInStudio(router, app, 'evidence', async ({ db, who, params }) => {
    await requireClient(db, who.studioId, params.id);
    return { sets: await readEvidence(db, who.studioId, params.id) };
  });

  mountInStudio(router, app, 'clientSessions', async ({ db, who, params, query }) => {
    await requireClient(db, who.studioId, params.id);
    return readSessions(db, who.studioId, params.id, query.before);
  });

  return router;
}
