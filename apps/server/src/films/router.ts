import { Router } from 'express';
import { mountInStudio } from '../access/mount';
import { requireClient } from '../clients/read';
import type { App } from '../http/app';
import { mountBytes } from './bytes';
import { beginFile, readFiles, readRules, removeFile, writeRules } from './files';

/** Films of sets: sent in pieces, kept by rule, with the client's consent. */
export function filmsRouter(app: App): Router {
  const router = Router();

  mountInStudio(router, app, 'clientFilms', async ({ db, who, params }) => {
    await requireClient(db, who.studioId, params.id);
    return { films: await readFiles(db, who.studioId, params.id) };
  });

  mountInStudio(router, app, 'putFilm', ({ db, who, params, body }) =>
    beginFile(db, who.studioId, params.id, body),
  );

  mountInStudio(router, app, 'deleteFilm', async ({ db, who, params }) => {
    await removeFile(db, who.studioId, params.id);
    return { done: true };
  });

  mountInStudio(router, app, 'filmRules', ({ db, who }) => readRules(db, who.studioId));

  mountInStudio(router, app, 'putFilmRules', ({ db, who, body }) =>
    writeRules(db, who.studioId, body),
  );

  mountBytes(router, app);
  return router;
}
