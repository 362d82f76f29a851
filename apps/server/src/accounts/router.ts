import { roomPresets } from '@spalo/catalog';
import type { Account } from '@spalo/contract';
import { eq, sql } from 'drizzle-orm';
import { Router } from 'express';
import { v7 } from 'uuid';
import type { App } from '../http/app';
import { inStudio } from '../db/database';
import { rooms, studios, trainers } from '../db/schema';
import { announce } from '../changes/announce';
import { mountInStudio, mountOpen } from '../access/mount';
import { Refusal } from '../http/refusal';
import { hashPassword, passwordMatches } from '../access/password';
import { endSignIn, startSignIn } from '../access/sign-in';
import { addTrainer, readAccount } from './studio';
import { countTry, forgetTries } from '../access/throttle';

/** A room to begin with; the trainer makes it their own. */
const firstRoom = () => roomPresets.find((preset) => preset.id === 'studio')!.make(v7);

/** Two first studios at once would both find none: they queue here. */
const FIRST_STUDIO_LOCK = 460_046_005;

async function anyStudio(app: App): Promise<boolean> {
  const { rows } = await app.database.pool.query<{ any: boolean }>('SELECT any_studio() AS any');
  return rows[0]?.any ?? false;
}

async function accountOf(app: App, studioId: string, trainerId: string): Promise<Account> {
  return inStudio(app.database, studioId, (db) => readAccount(db, studioId, trainerId));
}

/** Set-up, sign-in, sign-out, and the trainers of a studio. */
export function accountsRouter(app: App): Router {
  const router = Router();

  mountOpen(router, app, 'setup', async () => {
    const any = await anyStudio(app);
    return { firstRun: !any, demo: app.demo && any, gallery: app.gallery };
  });

  mountOpen(router, app, 'makeStudio', async ({ body, response }) => {
    const studioId = v7();
    const trainerId = v7();
    const passwordHash = await hashPassword(body.password);
    await inStudio(app.database, studioId, async (db) => {
      await db.execute(sql`SELECT pg_advisory_xact_lock(${FIRST_STUDIO_LOCK})`);
      const { rows } = await db.execute<{ any: boolean }>(sql`SELECT any_studio() AS any`);
      if (rows[0]?.any) throw new Refusal('conflict', 'A studio is already set up here; sign in');
      const { studioName, unit, zone, name, email } = body;
      await db.insert(studios).values({ id: studioId, name: studioName, unit, zone });
      await addTrainer(db, { studioId, id: trainerId, name, email, passwordHash, role: 'owner' });
      await db.insert(rooms).values({ studioId, ...firstRoom(), name: 'Main room' });
    });
    await startSignIn(app, response, studioId, trainerId);
    return accountOf(app, studioId, trainerId);
  });

  mountOpen(router, app, 'signIn', async ({ body, request, response }) => {
    const address = request.ip ?? '';
    await countTry(app, body.email, address);
    const { rows } = await app.database.pool.query<{
      studio_id: string;
      trainer_id: string;
      password_hash: string;
    }>('SELECT * FROM trainer_for_sign_in($1)', [body.email]);
    const found = rows[0];
    if (!(await passwordMatches(found?.password_hash ?? null, body.password)) || !found) {
      throw new Refusal('wrong-password');
    }
    await forgetTries(app, body.email, address);
    await startSignIn(app, response, found.studio_id, found.trainer_id);
    return accountOf(app, found.studio_id, found.trainer_id);
  });

  mountOpen(router, app, 'signInDemo', async ({ response }) => {
    if (!app.demo) throw new Refusal('not-found');
    const { rows } = await app.database.pool.query<{ studio_id: string; trainer_id: string }>(
      'SELECT * FROM demo_trainer()',
    );
    const found = rows[0];
    if (!found) throw new Refusal('not-found', 'No demo studio is loaded');
    await startSignIn(app, response, found.studio_id, found.trainer_id);
    return accountOf(app, found.studio_id, found.trainer_id);
  });

  mountInStudio(router, app, 'signOut', async ({ request, response, who }) => {
    await endSignIn(app, request, response, who);
    return { done: true };
  });

  mountInStudio(router, app, 'me', ({ db, who }) => readAccount(db, who.studioId, who.trainerId));

  mountInStudio(router, app, 'trainers', async ({ db, who }) => {
    const { id, name, email, role } = trainers;
    const rows = await db
      .select({ id, name, email, role })
      .from(trainers)
      .where(eq(trainers.studioId, who.studioId))
      .orderBy(name);
    return { trainers: rows };
  });

  mountInStudio(router, app, 'addTrainer', async ({ db, who, body }) => {
    const { name, email, role, password } = body;
    const id = v7();
    const passwordHash = await hashPassword(password);
    await addTrainer(db, { studioId: who.studioId, id, name, email, passwordHash, role });
    await announce(db, who.studioId, { kind: 'changed', what: 'trainers' });
    return { id, name, email, role };
  });

  return router;
}
