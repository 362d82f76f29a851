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

interface Inserted {
  id: string;
  sessionId: string;
  seq: number;
}

/** Inserts what is not there yet. The rows travel as one JSON parameter: many parameters cost more than the rows. */
async function insertEvents(
  db: StudioDb,
  studioId: string,
  batch: readonly SessionEvent[],
): Promise<Inserted[]> {
  const { rows } = await db.execute<{ id: string; session_id: string; seq: string }>(sql`
    INSERT INTO events (studio_id, id, session_id, type, at, author, device, payload)
    SELECT ${studioId}::uuid, e.id, e."sessionId", e.type, e.at, e.author, e.device, e.payload
    FROM jsonb_to_recordset(${JSON.stringify(batch)}::jsonb)
      AS e(id uuid, "sessionId" uuid, type text, at timestamptz, author uuid, device uuid, payload jsonb)
    ON CONFLICT DO NOTHING
    RETURNING id, session_id, seq`);
  return rows.map((row) => ({ id: row.id, sessionId: row.session_id, seq: Number(row.seq) }));
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
  const inserted = await insertEvents(db, studioId, batch);
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
  const last = inserted.reduce((latest, row) => Math.max(latest, row.seq), 0);
  const cursor = last > 0 ? String(last) : await logCursor(db, studioId);
  if (inserted.length > 0) await announce(db, studioId, { kind: 'log', cursor });
  return { cursor, added: inserted.length };
}
