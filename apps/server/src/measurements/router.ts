import { Router } from 'express';
import { mountInStudio } from '../access/mount';
import { announce } from '../db/announce';
import { requireClient } from '../clients/read';
import type { App } from '../http/app';
import { writeMeasurement } from './write';

/** Body masses with their days. */
export function measurementsRouter(app: App): Router {
  const router = Router();

  mountInStudio(router, app, 'putMeasurement', async ({ db, who, params, body }) => {
    const { studioId } = who;
    await requireClient(db, studioId, params.id);
    const measurement = { id: params.measurementId, ...body };
    const written = await writeMeasurement(db, studioId, params.id, measurement);
    await announce(db, studioId, { kind: 'changed', what: 'clients' });
    return written;
  });

  return router;
}
