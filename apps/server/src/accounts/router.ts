import { roomPresets } from '@spalo/catalog/rooms';
import type { Account } from '@spalo/contract';
import { sql } from 'drizzle-orm';
import { Router } from 'express';
import { v7 } from 'uuid';
import { anyStudio, queueForFirstStudio } from '../access/first-studio';
import { knownBrowser } from '../access/known-browser';
import { readLink, takeLink } from '../access/links';
import { mountInStudio, mountOpen } from '../access/mount';
import { hashPassword, passwordMatches } from '../access/password';
import { clearSignIn, endSignIns, startSignIn } from '../access/sign-in';
import { requireStrong } from '../access/strong-password';
import { countSignIn, countTry, forgetTries } from '../access/throttle';
import { announce, announceClients } from '../db/announce';
import { inStudio } from '../db/database';
import { rooms, studios } from '../db/schema';
import type { App } from '../http/app';
import { isFromHere, requireSetupCode } from '../access/setup-code';
import { Refusal } from '../http/refusal';
import { addTrainer, changeStudio, changeTrainer, readAccount, readKept } from './studio';

/** A room to begin with; the trainer makes it their own. */
const firstRoom = () => roomPresets.find((preset) => preset.id === 'studio')!.make(v7);

const ALREADY = 'A studio is already set up here; sign in';

interface AccountIds {
  studioId: string;
  trainerId: string;
}

async function demoTrainer(app: App): Promise<AccountIds | null> {
  const { rows } = await app.database.pool.query<{ studio_id: string; trainer_id: string }>(
    'SELECT * FROM demo_trainer()',
  );
  const row = rows[0];
  return row ? { studioId: row.studio_id, trainerId: row.trainer_id } : null;
}

const accountOf = (app: App, account: AccountIds): Promise<Account> =>
  inStudio(app.database, account.studioId, (db) => readAccount(db, account));

/**
 * The account that an e-mail and a password open. Refuses `wrong-password`, and `choose-studio` where the same open
 * accounts in several studios and none was named.
 */
async function accountBy(
  app: App,
  { email, password, studioId }: { email: string; password: string; studioId?: string | undefined },
): Promise<AccountIds> {
  const { rows } = await app.database.pool.query<{
    studio_id: string;
    trainer_id: string;
    password_hash: string;
    studio_name: string;
  }>('SELECT * FROM accounts_for_sign_in($1)', [email]);
  const named = rows.filter((row) => studioId === undefined || row.studio_id === studioId);
  if (named.length === 0) await passwordMatches(null, password);
  const opened: typeof rows = [];
  for (const row of named) {
    if (await passwordMatches(row.password_hash, password)) opened.push(row);
  }
  const [only, ...others] = opened;
  if (!only) throw new Refusal('wrong-password');
  if (others.length > 0) {
    throw new Refusal('choose-studio', undefined, undefined, {
      choices: opened.map((row) => ({ id: row.studio_id, name: row.studio_name })),
    });
  }
  return { studioId: only.studio_id, trainerId: only.trainer_id };
}

/** Set-up, and signing in and out. */
export function accountsRouter(app: App): Router {
  const router = Router();

  mountOpen(router, app, 'setup', async ({ request }) => {
    const demo = app.demo && (await demoTrainer(app)) !== null;
    const firstRun = !demo && !(await anyStudio(app.database));
    const needsCode = firstRun && !isFromHere(request);
    return { firstRun, needsCode, demo, gallery: app.gallery, bringingIn: app.bringingIn.share };
  });

  mountOpen(router, app, 'makeStudio', async ({ body, request, response }) => {
    const { studioName, unit, zone, name, email } = body;
    requireSetupCode(app, request, body.code);
    const account = { studioId: v7(), trainerId: v7() };
    const { studioId, trainerId } = account;
    requireStrong(body.password, [name, email, studioName]);
    // Before the password is hashed, which is heavy; again below, where two at once queue.
    if (await anyStudio(app.database)) throw new Refusal('conflict', ALREADY);
    const passwordHash = await hashPassword(body.password);
    await inStudio(app.database, studioId, async (db) => {
      await queueForFirstStudio(db);
      const { rows } = await db.execute<{ any: boolean }>(sql`SELECT any_studio() AS any`);
      if (rows[0]?.any) throw new Refusal('conflict', ALREADY);
      await db.insert(studios).values({ id: studioId, name: studioName, unit, zone });
      await addTrainer(db, { studioId, id: trainerId, name, email, passwordHash, role: 'owner' });
      await db.insert(rooms).values({ studioId, ...firstRoom(), name: 'Main room' });
    });
    await startSignIn(app, request, response, account);
    return accountOf(app, account);
  });

  mountOpen(router, app, 'signIn', async ({ body, request, response }) => {
    const made = {
      email: body.email,
      address: request.ip ?? '',
      browser: await knownBrowser(app, request, body.email),
    };
    await countTry(app, made);
    const account = await accountBy(app, body);
    await forgetTries(app, made);
    await countSignIn(app, made);
    await startSignIn(app, request, response, account);
    return accountOf(app, account);
  });

  mountOpen(router, app, 'signInDemo', async ({ request, response }) => {
    const found = app.demo ? await demoTrainer(app) : null;
    if (!found) throw new Refusal('not-found', app.demo ? 'No demo studio is loaded' : undefined);
    await startSignIn(app, request, response, found);
    return accountOf(app, found);
  });

  mountOpen(router, app, 'readLink', async ({ body }) => {
    const { kind, studioName, name, email } = await readLink(app, body.token);
    return { kind, studioName, name, email };
  });

  mountOpen(router, app, 'useLink', async ({ body, request, response }) => {
    const { studioName, name, email, ...account } = await readLink(app, body.token);
    const { studioId, trainerId } = account;
    requireStrong(body.password, [name, email, studioName]);
    const passwordHash = await hashPassword(body.password);
    await inStudio(app.database, studioId, async (db) => {
      await takeLink(db, body.token);
      await changeTrainer(db, account, { passwordHash });
      // Whoever knew the old password is out.
      await endSignIns(db, account, 'all');
      await announce(db, studioId, { kind: 'changed', what: 'trainers' });
    });
    await startSignIn(app, request, response, { studioId, trainerId });
    return accountOf(app, account);
  });

  mountInStudio(router, app, 'signOut', async ({ db, response, who }) => {
    await endSignIns(db, who, { only: [who.signInId] });
    clearSignIn(app, response);
    return { done: true };
  });

  mountInStudio(router, app, 'putStudio', async ({ db, who, body }) => {
    const sees = (await readKept(db, who)).studio.trainersSee;
    await changeStudio(db, who.studioId, body);
    await announce(db, who.studioId, { kind: 'changed', what: 'studio' });
    if (sees !== body.trainersSee) await announceClients(db, who.studioId);
    return readAccount(db, who);
  });

  mountInStudio(router, app, 'me', ({ db, who }) => readAccount(db, who));

  return router;
}
