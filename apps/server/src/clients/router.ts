import { Router } from 'express';
import { mountInStudio } from '../access/mount';
import type { App } from '../http/app';
import { readLearned } from './learned';
import { changeCoaches } from './coaches';
import { readClient, readClients, requireClient } from './read';
import { readErased, writeClient } from './write';

/** The studio's clients, what their next sessions are drafted from, and what is learned from all of them. */
export function clientsRouter(app: App): Router {
  const router = Router();

  mountInStudio(router, app, 'clients', async ({ db, who }) => ({
    clients: await readClients(db, who),
    erased: await readErased(db, who.studioId),
  }));

  mountInStudio(router, app, 'client', ({ db, who, params }) => readClient(db, who, params.id));

  mountInStudio(router, app, 'studioLearned', ({ db, who }) => readLearned(db, who.studioId));

  mountInStudio(
    router,
    app,
    'putClient',
    async ({ db, who, params, body }) => {
      await writeClient(db, who, params.id, body);
      return readClient(db, who, params.id);
    },
    { whole: true },
  );

  mountInStudio(router, app, 'putCoaches', async ({ db, who, params, body }) => {
    await requireClient(db, who.studioId, params.id);
    await changeCoaches(db, who, params.id, body.trainerIds);
    return body;
  });

  return router;
}
