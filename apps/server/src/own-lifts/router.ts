import { catalogueLifts } from '@spalo/catalog';
import { and, eq, ne, sql } from 'drizzle-orm';
import { Router } from 'express';
import { mountInStudio } from '../access/mount';
import { announce } from '../db/announce';
import type { StudioDb } from '../db/database';
import { ownLifts } from '../db/schema';
import type { App } from '../http/app';
import { Refusal } from '../http/refusal';
import { ownLiftColumns, readOwnLifts } from './teaching';

const inCatalogue = (liftId: string) => catalogueLifts.some(({ id }) => id === liftId);

/** Whether any set was logged of a lift: in a session that is told, or in the log of an open one that has gone on since. */
async function isTrained(db: StudioDb, studioId: string, liftId: string): Promise<boolean> {
  const { rows } = await db.execute<{ any: boolean }>(sql`
    SELECT EXISTS (SELECT 1 FROM sets WHERE studio_id = ${studioId}::uuid AND lift_id = ${liftId})
      OR EXISTS (
        SELECT 1 FROM sessions s JOIN events e ON e.studio_id = s.studio_id AND e.stream_id = s.id
        WHERE s.studio_id = ${studioId}::uuid AND s.stale AND e.type = 'set.logged'
          AND e.payload->>'liftId' = ${liftId}) AS any`);
  return rows[0]?.any ?? false;
}

/** What the studio teaches of its own. */
export function ownLiftsRouter(app: App): Router {
  const router = Router();

  mountInStudio(router, app, 'ownLifts', async ({ db, who }) => ({
    lifts: await readOwnLifts(db, who.studioId),
  }));

  mountInStudio(router, app, 'putOwnLift', async ({ db, who, params, body }) => {
    const { studioId } = who;
    const source = body.added?.like ?? body.liftId;
    if (!inCatalogue(source)) {
      const path = body.added ? 'body.added.like' : 'body.liftId';
      throw new Refusal('invalid-input', undefined, [
        { path, message: `No lift ${source} in the catalogue` },
      ]);
    }
    const same = and(eq(ownLifts.studioId, studioId), eq(ownLifts.liftId, body.liftId));
    const [other] = await db
      .select({ id: ownLifts.id })
      .from(ownLifts)
      .where(and(same, ne(ownLifts.id, params.id)));
    if (other) throw new Refusal('conflict', 'Another device changed this lift; look again');
    const [row] = await db
      .insert(ownLifts)
      .values({ studioId, id: params.id, ...body })
      .onConflictDoUpdate({ target: [ownLifts.studioId, ownLifts.id], set: body })
      .returning(ownLiftColumns);
    await announce(db, studioId, { kind: 'changed', what: 'own-lifts' });
    return row!;
  });

  mountInStudio(router, app, 'deleteOwnLift', async ({ db, who, params }) => {
    const { studioId } = who;
    const here = and(eq(ownLifts.studioId, studioId), eq(ownLifts.id, params.id));
    const [row] = await db.select(ownLiftColumns).from(ownLifts).where(here);
    if (!row) throw new Refusal('not-found', 'No such lift of the studio');
    const trained = row.added ? await isTrained(db, studioId, row.liftId) : false;
    if (trained) throw new Refusal('conflict', 'It has been trained, so it stays');
    await db.delete(ownLifts).where(here);
    await announce(db, studioId, { kind: 'changed', what: 'own-lifts' });
    return { done: true };
  });

  return router;
}
