import { isDeepStrictEqual } from 'node:util';
import type { SessionEvent } from '@spalo/core';
import { and, eq, inArray, max, sql } from 'drizzle-orm';
import type { StudioDb } from '../db/database';
import { clients, events, trainers } from '../db/schema';
import { announce } from '../http/change-feed';
import { Refusal } from '../http/refusal';
import { projectSession } from './project';
import { eventOf } from './read';

/** Where the log of a studio stands: the cursor behind the event that arrived last. */
export async function logCursor(db: StudioDb, studioId: string): Promise<string> {
  const [row] = await db
    .select({ last: max(events.seq) })
    .from(events)
    .where(eq(events.studioId, studioId));
  return String(row?.last ?? 0);
}

async function requireKnown(
  db: StudioDb,
  table: typeof clients | typeof trainers,
  studioId: string,
  ids: string[],
  refusal: Refusal,
) {
  const wanted = [...new Set(ids)];
  if (wanted.length === 0) return;
  const found = await db
    .select({ id: table.id })
    .from(table)
    .where(and(eq(table.studioId, studioId), inArray(table.id, wanted)));
  if (found.length < wanted.length) throw refusal;
}

/** An id may come twice, but it must say the same thing each time. */
async function requireSame(db: StudioDb, studioId: string, repeated: SessionEvent[]) {
  const ids = repeated.map((event) => event.id);
  const rows = await db
    .select()
    .from(events)
    .where(and(eq(events.studioId, studioId), inArray(events.id, ids)));
  const known = new Map(rows.map((row) => [row.id, eventOf(row)]));
  const changed = repeated.find((event) => !isDeepStrictEqual(known.get(event.id), event));
  if (changed) {
    throw new Refusal(
      'conflict',
      `Event ${changed.id} is in the log already and says something else`,
    );
  }
}

/**
 * Appends events of any sessions of the studio and projects those sessions, all or nothing. Events that the
 * log holds already do nothing. Refuses clients and authors that are not the studio's.
 */
export async function appendEvents(
  db: StudioDb,
  studioId: string,
  incoming: readonly SessionEvent[],
): Promise<{ cursor: string; added: number }> {
  const batch = [...new Map(incoming.map((event) => [event.id, event])).values()];
  const starts = batch.flatMap((event) =>
    event.type === 'session.started' ? [event.payload.clientId] : [],
  );
  await requireKnown(db, clients, studioId, starts, new Refusal('not-found', 'No such client'));
  await requireKnown(
    db,
    trainers,
    studioId,
    batch.map((event) => event.author),
    new Refusal('invalid-input', 'An author is not a trainer of this studio'),
  );
  // One writer a studio at a time: arrival numbers then appear in the order of commits, and no reader skips one.
  await db.execute(sql`SELECT pg_advisory_xact_lock(hashtextextended(${studioId}, 0))`);
  const inserted = await db
    .insert(events)
    .values(batch.map((event) => ({ studioId, ...event })))
    .onConflictDoNothing()
    .returning({ id: events.id, sessionId: events.sessionId });
  if (inserted.length < batch.length) {
    const fresh = new Set(inserted.map((row) => row.id));
    await requireSame(
      db,
      studioId,
      batch.filter((event) => !fresh.has(event.id)),
    );
  }
  for (const sessionId of new Set(inserted.map((row) => row.sessionId))) {
    await projectSession(db, studioId, sessionId);
  }
  const cursor = await logCursor(db, studioId);
  if (inserted.length > 0) await announce(db, studioId, { kind: 'log', cursor });
  return { cursor, added: inserted.length };
}
