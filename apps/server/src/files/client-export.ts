import { appendFile, mkdir } from 'node:fs/promises';
import path from 'node:path';
import { nowIso } from '@spalo/core/unit';
import { sql, and, asc, eq, inArray } from 'drizzle-orm';
import { Router } from 'express';
import { v7 } from 'uuid';
import type { Who } from '../access/sign-in';
import type { App } from '../http/app';
import type { StudioDb } from '../db/database';
import { bookings, events, screeningOpenings, screenings } from '../db/schema';
import { readBookings } from '../bookings/read';
import { announce } from '../db/announce';
import { loggable } from '../db/errors';
import { mountInStudio } from '../access/mount';
import { Refusal } from '../http/refusal';
import { takeStudio } from '../log/take-studio';
import { eventOf } from '../log/read';
import { readClient } from '../clients/read';
import { readFiles } from '../films/files';
import { readImported } from '../imports/read';
import { readOpenings } from '../screening/openings';

/** Refuses `not-allowed` unless the client is the trainer's own or the trainer owns the studio. */
async function requireSay(db: StudioDb, who: Who, clientId: string) {
  const client = await readClient(db, who, clientId);
  if (!client.mine && who.role !== 'owner') {
    throw new Refusal('not-allowed', 'Only the client’s own trainers and owners may do this');
  }
  return client;
}

/** Notes beside the safety copies who was erased; that the disk does not take it is said in the log, and undoes nothing. */
function noteErased({ erasedFile, log }: App, studioId: string, clientId: string): void {
  if (erasedFile === null) return;
  const noted = mkdir(path.dirname(erasedFile), { recursive: true, mode: 0o700 }).then(() =>
    appendFile(erasedFile, `${studioId} ${clientId}\n`, { mode: 0o600 }),
  );
  noted.catch((error: unknown) =>
    log.error({ error: loggable(error) }, 'who was erased could not be noted beside the copies'),
  );
}

/** All that is kept about a client, to take along or to let go of. */
export function clientFileRouter(app: App): Router {
  const router = Router();

  mountInStudio(router, app, 'exportClient', async ({ db, who, params }) => {
    const { studioId, trainerId } = who;
    const client = await requireSay(db, who, params.id);
    const [answers] = client.mine
      ? await db
          .select()
          .from(screenings)
          .where(and(eq(screenings.studioId, studioId), eq(screenings.clientId, params.id)))
      : [];
    if (answers) {
      // An export holds the answers, so it counts as an opening of them.
      await db
        .insert(screeningOpenings)
        .values({ studioId, id: v7(), clientId: params.id, trainerId, allowed: true });
    }
    // By their starts, so that sessions that were taken back are in it: they are kept as well.
    const started = db
      .select({ id: events.streamId })
      .from(events)
      .where(
        and(
          eq(events.studioId, studioId),
          inArray(events.type, ['session.started', 'block.started']),
          sql`${events.payload}->>'clientId' = ${params.id}`,
        ),
      );
    const told = await db
      .select()
      .from(events)
      .where(and(eq(events.studioId, studioId), inArray(events.streamId, started)))
      .orderBy(asc(events.seq));
    return {
      format: 'spalo-client',
      version: 4,
      exportedAt: nowIso(),
      client,
      screening: answers ? { answers: answers.answers, answeredAt: answers.answeredAt } : null,
      openings: await readOpenings(db, studioId, params.id),
      bookings: await readBookings(db, who, eq(bookings.clientId, params.id)),
      events: told.map((row) => ({ ...eventOf(row), sentBy: row.sentBy })),
      imported: (await readImported(db, studioId, params.id)).sets,
      films: await readFiles(db, studioId, params.id),
    };
  });

  mountInStudio(router, app, 'eraseClient', async ({ db, who, params, response }) => {
    await requireSay(db, who, params.id);
    // The studio's only writer until it commits: nothing that is on its way comes in behind it.
    await takeStudio(db, who.studioId);
    await db.execute(sql`SELECT erase_client(${params.id}::uuid)`);
    await announce(db, who.studioId, { kind: 'changed', what: 'clients' });
    await announce(db, who.studioId, { kind: 'changed', what: 'bookings' });
    // Once it is so: what is answered is committed.
    response.once('finish', () => noteErased(app, who.studioId, params.id));
    return { done: true };
  });

  return router;
}
