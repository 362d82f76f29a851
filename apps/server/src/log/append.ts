import { isDeepStrictEqual } from 'node:util';
import { streamKey, type LogEvent } from '@spalo/core';
import { and, eq, inArray, max, sql } from 'drizzle-orm';
import type { StudioDb } from '../db/database';
import { events } from '../db/schema';
import { announce } from '../changes/announce';
import { Refusal } from '../http/refusal';
import { projectLogs } from './project/project';
import { studioLock } from './take-studio';
import { eventOf } from './read';

/** Where the log of a studio stands: the cursor behind the event that arrived last. */
export async function logCursor(db: StudioDb, studioId: string): Promise<string> {
  const [row] = await db
    .select({ last: max(events.seq) })
    .from(events)
    .where(eq(events.studioId, studioId));
  return String(row?.last ?? 0);
}

/** The client whom an event that starts a stream names; the contract has checked its payload. */
const clientOf = ({ payload }: LogEvent): string[] =>
  typeof payload === 'object' &&
  payload !== null &&
  'clientId' in payload &&
  typeof payload.clientId === 'string'
    ? [payload.clientId]
    : [];

/**
 * Refuses clients and authors that are not the studio's, and makes this the studio's only writer until it commits:
 * arrival numbers then appear in the order of commits, and no reader skips one.
 */
async function admit(db: StudioDb, studioId: string, batch: readonly LogEvent[]): Promise<void> {
  const clientIds = [...new Set(batch.flatMap(clientOf))];
  const authors = [...new Set(batch.map((event) => event.author))];
  const streamIds = [...new Set(batch.map((event) => event.streamId))];
  const { rows } = await db.execute<{ clients: number; authors: number; erased: boolean }>(sql`
    SELECT ${studioLock(studioId)},
      (SELECT count(*)::int FROM clients
        WHERE studio_id = ${studioId}::uuid AND id = ANY(${uuidList(clientIds)})) AS clients,
      (SELECT count(*)::int FROM trainers
        WHERE studio_id = ${studioId}::uuid AND id = ANY(${uuidList(authors)})) AS authors,
      EXISTS (SELECT 1 FROM erased_clients WHERE studio_id = ${studioId}::uuid
        AND (session_ids && ${uuidList(streamIds)} OR id = ANY(${uuidList(clientIds)}))) AS erased`);
  const found = rows[0]!;
  if (found.erased) throw new Refusal('gone', 'This client was deleted for good');
  if (found.clients < clientIds.length) throw new Refusal('not-found', 'No such client');
  if (found.authors < authors.length) {
    throw new Refusal('invalid-input', 'An author is not a trainer of this studio');
  }
}

/** Ids, checked by the contract, as one array parameter. */
const uuidList = (ids: readonly string[]) => sql`${`{${ids.join(',')}}`}::uuid[]`;

/** An id may come twice, but it must say the same thing each time. */
async function requireSame(db: StudioDb, studioId: string, repeated: LogEvent[]) {
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

interface Row extends Record<string, unknown> {
  id: string;
  seq: string;
  fresh: boolean;
  /** Null for a fresh row: the caller has it. */
  event: LogEvent | null;
}

/**
 * Inserts what is not there yet. Answers which events were new, and those that the streams concerned had before. One
 * round trip, the rows as one JSON parameter: round trips and parameters cost more than the rows themselves.
 */
async function insertEvents(
  db: StudioDb,
  studioId: string,
  batch: readonly LogEvent[],
): Promise<Row[]> {
  const streamIds = [...new Set(batch.map((event) => event.streamId))];
  const { rows } = await db.execute<Row>(sql`
    WITH fresh AS (
      INSERT INTO events (studio_id, id, stream, stream_id, type, at, author, device, payload)
      SELECT ${studioId}::uuid, e.id, e.stream, e."streamId", e.type, e.at, e.author, e.device, e.payload
      FROM jsonb_to_recordset(${JSON.stringify(batch)}::jsonb)
        AS e(id uuid, stream text, "streamId" uuid, type text, at timestamptz, author uuid, device uuid, payload jsonb)
      ON CONFLICT DO NOTHING
      RETURNING id, seq
    )
    SELECT id, seq, true AS fresh, NULL AS event FROM fresh
    UNION ALL
    SELECT id, seq, false, jsonb_build_object(
        'id', id, 'stream', stream, 'streamId', stream_id, 'type', type, 'author', author, 'device', device, 'payload', payload,
        'at', to_char(at AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"'))
      FROM events WHERE studio_id = ${studioId}::uuid AND stream_id = ANY(${uuidList(streamIds)})`);
  return rows;
}

/**
 * Remembers the streams of a refused batch that begin with clients who were deleted for good, so that what follows them
 * is refused as well; what came before their start is taken away.
 */
export async function rememberRefused(db: StudioDb, batch: readonly LogEvent[]): Promise<void> {
  for (const event of batch) {
    for (const clientId of clientOf(event)) {
      await db.execute(
        sql`SELECT refuse_streams(${clientId}::uuid, ${uuidList([event.streamId])})`,
      );
    }
  }
}

/** What an append did; `broken` names streams that are kept and cannot be made sense of. */
export interface Appended {
  cursor: string;
  added: number;
  broken: string[];
}

/**
 * Appends events of any streams of the studio and projects those streams, all or nothing. Events that the log holds
 * already do nothing. Refuses clients and authors that are not the studio's.
 */
export async function appendEvents(
  db: StudioDb,
  studioId: string,
  incoming: readonly LogEvent[],
): Promise<Appended> {
  const batch = [...new Map(incoming.map((event) => [event.id, event])).values()];
  await admit(db, studioId, batch);
  const rows = await insertEvents(db, studioId, batch);
  const fresh = rows.filter((row) => row.fresh);
  const freshIds = new Set(fresh.map((row) => row.id));
  if (fresh.length < batch.length) {
    await requireSame(
      db,
      studioId,
      batch.filter((event) => !freshIds.has(event.id)),
    );
  }
  if (fresh.length === 0) return { cursor: await logCursor(db, studioId), added: 0, broken: [] };
  // What is new is at hand already; only what was there before came back from the database.
  const events = batch.filter((event) => freshIds.has(event.id));
  const before = rows.flatMap((row) => row.event ?? []);
  const touched = new Set(events.map(streamKey));
  const { messages, broken } = await projectLogs(
    db,
    studioId,
    [...before, ...events].filter((event) => touched.has(streamKey(event))),
  );
  const cursor = String(Math.max(...fresh.map((row) => Number(row.seq))));
  await announce(db, studioId, { kind: 'log', cursor }, ...messages);
  return { cursor, added: fresh.length, broken };
}
