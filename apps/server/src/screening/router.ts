import { nowIso } from '@spalo/core/unit';
import { and, eq } from 'drizzle-orm';
import { Router } from 'express';
import { v7 } from 'uuid';
import type { Who } from '../access/sign-in';
import type { App } from '../http/app';
import { coaches } from '../clients/coaches';
import { requireClient } from '../clients/read';
import type { StudioDb } from '../db/database';
import { screeningOpenings, screenings } from '../db/schema';
import { announce } from '../db/announce';
import { mountInStudio, mountRecorded } from '../access/mount';
import { Refusal } from '../http/refusal';
import { readOpenings } from './openings';

async function requireCoach(db: StudioDb, who: Who, clientId: string): Promise<void> {
  await requireClient(db, who.studioId, clientId);
  if (!(await coaches(db, who, clientId))) {
    throw new Refusal('not-allowed', 'Screening answers are open to the client’s own trainers');
  }
}

/** Health answers: only for the client's trainers, and every opening is recorded, refused ones too. */
export function screeningRouter(app: App): Router {
  const router = Router();

  mountRecorded(
    router,
    app,
    'screening',
    async ({ db, who, params: { id: clientId } }) => {
      const { studioId, trainerId } = who;
      await requireClient(db, studioId, clientId);
      const allowed = await coaches(db, who, clientId);
      await db
        .insert(screeningOpenings)
        .values({ studioId, id: v7(), clientId, trainerId, allowed });
    },
    async ({ db, who, params: { id: clientId } }) => {
      await requireCoach(db, who, clientId);
      const [row] = await db
        .select()
        .from(screenings)
        .where(and(eq(screenings.studioId, who.studioId), eq(screenings.clientId, clientId)));
      return { answers: row?.answers ?? {}, answeredAt: row?.answeredAt ?? null };
    },
  );

  mountInStudio(router, app, 'putScreening', async ({ db, who, params, body }) => {
    await requireCoach(db, who, params.id);
    const values = { answers: body.answers, answeredAt: nowIso() };
    await db
      .insert(screenings)
      .values({ studioId: who.studioId, clientId: params.id, ...values })
      .onConflictDoUpdate({ target: [screenings.studioId, screenings.clientId], set: values });
    await announce(db, who.studioId, { kind: 'changed', what: 'clients' });
    return values;
  });

  mountInStudio(router, app, 'screeningOpenings', async ({ db, who, params }) => {
    await requireCoach(db, who, params.id);
    return { openings: await readOpenings(db, who.studioId, params.id, 50) };
  });

  return router;
}
