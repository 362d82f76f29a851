import { and, desc, eq, lt, sql } from 'drizzle-orm';
import { Router } from 'express';
import type { App } from '../app';
import {
  clients,
  clientTrainers,
  erasedClients,
  flags,
  measurements,
  sessions,
} from '../db/schema';
import { announce } from '../http/change-feed';
import { mountInStudio } from '../http/mount';
import { Refusal } from '../http/refusal';
import { projectHistory } from '../log/project';
import { flagOf, readClient, readClients, requireClient } from './read';
import { readEvidence } from './evidence';

const SESSIONS_A_PAGE = 20;

/** Clients, their flags and their past sessions. */
export function clientsRouter(app: App): Router {
  const router = Router();

  mountInStudio(router, app, 'clients', async ({ db, who }) => ({
    clients: await readClients(db, who),
    erased: (
      await db
        .select({ id: erasedClients.id })
        .from(erasedClients)
        .where(eq(erasedClients.studioId, who.studioId))
    ).map((row) => row.id),
  }));

  mountInStudio(router, app, 'client', ({ db, who, params }) => readClient(db, who, params.id));

  mountInStudio(router, app, 'putClient', async ({ db, who, params, body }) => {
    const { studioId, trainerId } = who;
    const key = { studioId, id: params.id };
    const erased = await db
      .select({ id: erasedClients.id })
      .from(erasedClients)
      .where(and(eq(erasedClients.studioId, studioId), eq(erasedClients.id, params.id)));
    if (erased.length > 0) throw new Refusal('gone', 'This client was deleted for good');
    const added = await db
      .insert(clients)
      .values({ ...key, ...body })
      .onConflictDoUpdate({
        target: [clients.studioId, clients.id],
        set: { ...body, updatedAt: sql`now()` },
      })
      .returning({ isNew: sql<boolean>`xmax = 0` });
    if (added[0]?.isNew) {
      await db.insert(clientTrainers).values({ studioId, clientId: params.id, trainerId });
    }
    // Body mass, age, training age and reports are where the belief starts from.
    await projectHistory(db, studioId, params.id);
    await announce(db, studioId, { kind: 'changed', what: 'clients' });
    return readClient(db, who, params.id);
  });

  mountInStudio(router, app, 'putFlag', async ({ db, who, params, body }) => {
    const { studioId } = who;
    await requireClient(db, studioId, params.id);
    const [row] = await db
      .insert(flags)
      .values({ studioId, id: params.flagId, clientId: params.id, ...body })
      .onConflictDoUpdate({
        target: [flags.studioId, flags.id],
        set: body,
        // A flag stays with the client it was raised for.
        setWhere: eq(flags.clientId, params.id),
      })
      .returning();
    if (!row) throw new Refusal('not-found', 'No such flag of this client');
    await announce(db, studioId, { kind: 'changed', what: 'clients' });
    return flagOf(row);
  });

  mountInStudio(router, app, 'putMeasurement', async ({ db, who, params, body }) => {
    const { studioId } = who;
    const { id: clientId, measurementId: id } = params;
    await requireClient(db, studioId, clientId);
    const [row] = await db
      .insert(measurements)
      .values({ studioId, id, clientId, ...body })
      .onConflictDoUpdate({
        target: [measurements.studioId, measurements.id],
        set: body,
        setWhere: eq(measurements.clientId, clientId),
      })
      .returning();
    if (!row) throw new Refusal('not-found', 'No such measurement of this client');
    const [newest] = await db
      .select()
      .from(measurements)
      .where(and(eq(measurements.studioId, studioId), eq(measurements.clientId, clientId)))
      .orderBy(desc(measurements.day), desc(measurements.id))
      .limit(1);
    await db
      .update(clients)
      .set({ bodyMassG: newest!.bodyMassG, updatedAt: sql`now()` })
      .where(and(eq(clients.studioId, studioId), eq(clients.id, clientId)));
    await projectHistory(db, studioId, clientId);
    await announce(db, studioId, { kind: 'changed', what: 'clients' });
    return { id: row.id, day: row.day, bodyMassG: row.bodyMassG };
  });

  mountInStudio(router, app, 'evidence', async ({ db, who, params }) => {
    await requireClient(db, who.studioId, params.id);
    return { sets: await readEvidence(db, who.studioId, params.id) };
  });

  mountInStudio(router, app, 'clientSessions', async ({ db, who, params, query }) => {
    await requireClient(db, who.studioId, params.id);
    const rows = await db
      .select({ state: sessions.state })
      .from(sessions)
      .where(
        and(
          eq(sessions.studioId, who.studioId),
          eq(sessions.clientId, params.id),
          query.before === undefined ? undefined : lt(sessions.startedAt, query.before),
        ),
      )
      .orderBy(desc(sessions.startedAt), desc(sessions.id))
      .limit(SESSIONS_A_PAGE + 1);
    return {
      sessions: rows.slice(0, SESSIONS_A_PAGE).map((row) => row.state),
      more: rows.length > SESSIONS_A_PAGE,
    };
  });

  return router;
}
