import { nowIso } from '@spalo/core/unit';
import { and, asc, desc, eq, sql, type SQL } from 'drizzle-orm';
import { Router } from 'express';
import { mountInStudio, mountSlow } from '../access/mount';
import { hashPassword, passwordMatches } from '../access/password';
import { endSignIns, type Who } from '../access/sign-in';
import { requireStrong } from '../access/strong-password';
import { countTry, forgetTries } from '../access/throttle';
import { inStudio, type StudioDb } from '../db/database';
import { clients, clientTrainers, screeningOpenings, sessions, signIns } from '../db/schema';
import type { App } from '../http/app';
import { Refusal } from '../http/refusal';
import { changeTrainer, readKept } from './studio';

/** A trainer's sign-ins, latest first. */
const readSignIns = (db: StudioDb, { studioId, trainerId }: Who, which?: SQL) =>
  db
    .select({ id: signIns.id, browser: signIns.browser, createdAt: signIns.createdAt })
    .from(signIns)
    .where(and(eq(signIns.studioId, studioId), eq(signIns.trainerId, trainerId), which))
    .orderBy(desc(signIns.createdAt));

/** What a trainer may do with their own account. */
export function ownAccountRouter(app: App): Router {
  const router = Router();

  // Hashing takes its turn, and holds no connection while it waits.
  mountSlow(router, app, 'changePassword', async ({ who, body, request }) => {
    const { trainer, studio } = await inStudio(app.database, who.studioId, (db) =>
      readKept(db, who),
    );
    const { name, email, passwordHash } = trainer;
    // Whoever finds a browser open may not try passwords without end either.
    const made = { email, address: request.ip ?? '', browser: who.signInId };
    await countTry(app, made);
    if (!(await passwordMatches(passwordHash, body.current))) {
      throw new Refusal('invalid-input', undefined, [
        { path: 'body.current', message: 'This is not your password' },
      ]);
    }
    await forgetTries(app, made);
    requireStrong(body.password, [name, email, studio.name]);
    const changed = await hashPassword(body.password);
    await inStudio(app.database, who.studioId, async (db) => {
      await changeTrainer(db, who, { passwordHash: changed });
      await endSignIns(db, who, { but: who.signInId });
    });
    return { done: true };
  });

  mountInStudio(router, app, 'signIns', async ({ db, who }) => {
    const rows = await readSignIns(db, who, sql`${signIns.expiresAt} > the_time()`);
    return { signIns: rows.map((row) => ({ ...row, current: row.id === who.signInId })) };
  });

  mountInStudio(router, app, 'endSignIn', async ({ db, who, params }) => {
    const ended = await endSignIns(db, who, { only: [params.id] });
    if (ended === 0) throw new Refusal('not-found', 'No such sign-in');
    return { done: true };
  });

  mountInStudio(router, app, 'endOtherSignIns', async ({ db, who }) => {
    await endSignIns(db, who, { but: who.signInId });
    return { done: true };
  });

  mountInStudio(router, app, 'ownData', async ({ db, who }) => {
    const { studioId, trainerId } = who;
    const { trainer, studio } = await readKept(db, who);
    const { id, name, email, role, createdAt } = trainer;
    const { rows: entries } = await db.execute<{ written: number; sent: number }>(sql`
      SELECT count(*)::int AS written,
        (count(*) FILTER (WHERE sent_by IS NOT NULL AND sent_by <> author))::int AS sent
      FROM events WHERE studio_id = ${studioId}::uuid AND author = ${trainerId}::uuid`);
    return {
      format: 'spalo-trainer' as const,
      version: 1 as const,
      exportedAt: nowIso(),
      account: { id, name, email, role, studio: studio.name, since: createdAt },
      signIns: await readSignIns(db, who),
      clients: await db
        .select({ id: clients.id, name: clients.name })
        .from(clientTrainers)
        .innerJoin(
          clients,
          and(
            eq(clients.studioId, clientTrainers.studioId),
            eq(clients.id, clientTrainers.clientId),
          ),
        )
        .where(and(eq(clientTrainers.studioId, studioId), eq(clientTrainers.trainerId, trainerId)))
        .orderBy(asc(clients.name)),
      sessions: await db
        .select({
          id: sessions.id,
          startedAt: sessions.startedAt,
          finishedAt: sessions.finishedAt,
        })
        .from(sessions)
        .where(and(eq(sessions.studioId, studioId), eq(sessions.trainerId, trainerId)))
        .orderBy(asc(sessions.startedAt)),
      entries: { written: entries[0]?.written ?? 0, sentByOthers: entries[0]?.sent ?? 0 },
      screeningOpenings: await db
        .select({
          clientId: screeningOpenings.clientId,
          at: screeningOpenings.at,
          allowed: screeningOpenings.allowed,
        })
        .from(screeningOpenings)
        .where(
          and(eq(screeningOpenings.studioId, studioId), eq(screeningOpenings.trainerId, trainerId)),
        )
        .orderBy(asc(screeningOpenings.at)),
    };
  });

  return router;
}
