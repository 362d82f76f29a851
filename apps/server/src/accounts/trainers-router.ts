import { nowIso } from '@spalo/core/unit';
import type { Colleague } from '@spalo/contract';
import { and, asc, eq, isNull, sql } from 'drizzle-orm';
import { Router } from 'express';
import { v7 } from 'uuid';
import { endLinks, makeLink } from '../access/links';
import { mountInStudio } from '../access/mount';
import { endSignIns } from '../access/sign-in';
import { announce } from '../db/announce';
import type { StudioDb } from '../db/database';
import { bookings, clientTrainers, trainers } from '../db/schema';
import type { App } from '../http/app';
import { Refusal } from '../http/refusal';
import { takeStudio } from '../log/take-studio';
import { addTrainer, changeTrainer } from './studio';

type Row = typeof trainers.$inferSelect;

const colleagueOf = ({ id, name, email, role, passwordHash, leftAt }: Row): Colleague => ({
  id,
  name,
  email,
  role,
  standing: leftAt !== null ? 'left' : passwordHash === null ? 'invited' : 'active',
});

/** A trainer who has not left; refuses `not-found`. */
async function requireTrainer(db: StudioDb, studioId: string, id: string): Promise<Row> {
  const [row] = await db
    .select()
    .from(trainers)
    .where(and(eq(trainers.studioId, studioId), eq(trainers.id, id), isNull(trainers.leftAt)));
  if (!row) throw new Refusal('not-found', 'No such trainer');
  return row;
}

/** Refuses `conflict` unless the studio has an active owner besides this trainer. */
async function requireOtherOwner(db: StudioDb, studioId: string, trainerId: string): Promise<void> {
  const { rows } = await db.execute<{ any: boolean }>(sql`
    SELECT EXISTS (SELECT 1 FROM trainers WHERE studio_id = ${studioId}::uuid AND id <> ${trainerId}::uuid
      AND role = 'owner' AND password_hash IS NOT NULL AND left_at IS NULL) AS any`);
  if (!rows[0]?.any)
    throw new Refusal('conflict', 'A studio keeps an owner: make another one first');
}

/** Everything that is one trainer's to do becomes another's; what was done stays under its name. */
async function handOver(db: StudioDb, studioId: string, from: string, to: string): Promise<void> {
  await db.execute(sql`
    INSERT INTO client_trainers (studio_id, client_id, trainer_id)
    SELECT studio_id, client_id, ${to}::uuid FROM client_trainers
      WHERE studio_id = ${studioId}::uuid AND trainer_id = ${from}::uuid
    ON CONFLICT DO NOTHING`);
  await db
    .delete(clientTrainers)
    .where(and(eq(clientTrainers.studioId, studioId), eq(clientTrainers.trainerId, from)));
  await db
    .update(bookings)
    .set({ trainerId: to })
    .where(
      and(
        eq(bookings.studioId, studioId),
        eq(bookings.trainerId, from),
        sql`${bookings.startsAt} > the_time()`,
      ),
    );
}

/** The trainers of a studio: who they are, inviting, roles, leaving. */
export function trainersRouter(app: App): Router {
  const router = Router();

  mountInStudio(router, app, 'trainers', async ({ db, who }) => {
    const rows = await db
      .select()
      .from(trainers)
      .where(eq(trainers.studioId, who.studioId))
      .orderBy(asc(trainers.name), asc(trainers.id));
    return { trainers: rows.map(colleagueOf) };
  });

  mountInStudio(router, app, 'addTrainer', async ({ db, who, body }) => {
    const { studioId } = who;
    const id = v7();
    await addTrainer(db, { studioId, id, ...body, passwordHash: null });
    const link = await makeLink(db, who, id, 'invitation');
    await announce(db, studioId, { kind: 'changed', what: 'trainers' });
    return { trainer: { id, ...body, standing: 'invited' as const }, link };
  });

  mountInStudio(router, app, 'linkFor', async ({ db, who, params }) => {
    const { passwordHash } = await requireTrainer(db, who.studioId, params.id);
    return makeLink(db, who, params.id, passwordHash === null ? 'invitation' : 'reset');
  });

  mountInStudio(router, app, 'putTrainer', async ({ db, who, params, body }) => {
    const { studioId } = who;
    // Two owners who demote each other at once would leave the studio without one.
    await takeStudio(db, studioId);
    const trainer = await requireTrainer(db, studioId, params.id);
    if (body.role !== 'owner') await requireOtherOwner(db, studioId, params.id);
    await changeTrainer(db, { studioId, trainerId: params.id }, { role: body.role });
    await announce(db, studioId, { kind: 'changed', what: 'trainers' });
    return colleagueOf({ ...trainer, role: body.role });
  });

  mountInStudio(
    router,
    app,
    'removeTrainer',
    async ({ db, who, params, body }) => {
      const { studioId } = who;
      if (who.role !== 'owner' && params.id !== who.trainerId) throw new Refusal('not-allowed');
      await takeStudio(db, studioId);
      const leaving = await requireTrainer(db, studioId, params.id);
      const heir = await requireTrainer(db, studioId, body.handTo);
      if (heir.id === leaving.id || heir.passwordHash === null) {
        throw new Refusal('invalid-input', undefined, [
          { path: 'body.handTo', message: 'Somebody else who works here takes the clients over' },
        ]);
      }
      await requireOtherOwner(db, studioId, leaving.id);
      await handOver(db, studioId, leaving.id, heir.id);
      await endLinks(db, studioId, leaving.id);
      await endSignIns(db, { studioId, trainerId: leaving.id }, 'all');
      await changeTrainer(
        db,
        { studioId, trainerId: leaving.id },
        { passwordHash: null, leftAt: nowIso() },
      );
      for (const what of ['trainers', 'clients', 'bookings'] as const) {
        await announce(db, studioId, { kind: 'changed', what });
      }
      return { done: true };
    },
    { whole: true },
  );

  return router;
}
