import { isDeepStrictEqual } from 'node:util';
import { streamKey, type LogEvent } from '@spalo/core/log';
import { and, eq, inArray, sql } from 'drizzle-orm';
import type { Who } from '../access/sign-in';
import type { StudioDb } from '../db/database';
import { events, studios } from '../db/schema';
import { announce } from '../db/announce';
import { Refusal } from '../http/refusal';
import { uuidList } from '../db/uuid-list';
import { projectLogs, streamsDue } from './project/project';
import { takeStudio } from './take-studio';
import { eventOf, readEvents } from './read';

/** Where the log of a studio stands: the cursor behind the event that arrived last. */
export async function logCursor(db: StudioDb, studioId: string): Promise<string> {
  const [row] = await db
    .select({ last: studios.arrivals })
    .from(studios)
    .where(eq(studios.id, studioId));
  return String(row?.last ?? 0);
}

/** A stream longer than this is of no session: it would slow every further event of its studio. */
const LONGEST_STREAM = 3000;
/** What ends a session is taken beyond that, so that none is left open for ever. */
const ENDINGS = new Set(['session.finished', 'suggestion.answered', 'entries.withdrawn']);
const ROOM_TO_END = 100;

/** The client whom an event that starts a stream names; the contract has checked its payload. */
const clientOf = ({ payload }: LogEvent): string[] =>
  typeof payload === 'object' &&
  payload !== null &&
  'clientId' in payload &&
  typeof payload.clientId === 'string'
    ? [payload.clientId]
    : [];

/** By whose sign-in entries come. */
type Sender = Pick<Who, 'studioId' | 'trainerId' | 'ownOnly'>;

/**
 * Refuses clients and authors that are not the studio's, and makes this the studio's only writer until it commits:
 * arrival numbers then appear in the order of commits, and no reader skips one.
 */
async function admit(db: StudioDb, who: Sender, batch: readonly LogEvent[]): Promise<void> {
  const { studioId } = who;
  const clientIds = [...new Set(batch.flatMap(clientOf))];
  const authors = [...new Set(batch.map((event) => event.author))];
  const streamIds = [...new Set(batch.map((event) => event.streamId))];
  // A statement of its own: one that waits for the lock would go on to see the studio as it was before it waited.
  await takeStudio(db, studioId);
  const { rows } = await db.execute<{ clients: number; authors: number; erased: boolean }>(sql`
    SELECT (SELECT count(*)::int FROM clients
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
  if (who.ownOnly) await requireOwn(db, who, clientIds, streamIds);
}

/** Refuses what tells of clients whom the sender does not coach, but for sessions that they began themselves. */
async function requireOwn(
  db: StudioDb,
  { studioId, trainerId }: Sender,
  clientIds: readonly string[],
  streamIds: readonly string[],
): Promise<void> {
  const { rows } = await db.execute<{ foreign: boolean }>(sql`
    SELECT EXISTS (
      SELECT 1 FROM (
        SELECT client_id FROM sessions WHERE studio_id = ${studioId}::uuid AND id = ANY(${uuidList(streamIds)})
          AND trainer_id <> ${trainerId}::uuid
        UNION SELECT client_id FROM blocks WHERE studio_id = ${studioId}::uuid AND id = ANY(${uuidList(streamIds)})
        UNION SELECT unnest(${uuidList(clientIds)}) EXCEPT SELECT client_id FROM sessions
          WHERE studio_id = ${studioId}::uuid AND id = ANY(${uuidList(streamIds)}) AND trainer_id = ${trainerId}::uuid
      ) AS told(client_id)
      WHERE client_id NOT IN (SELECT client_id FROM client_trainers
        WHERE studio_id = ${studioId}::uuid AND trainer_id = ${trainerId}::uuid)) AS foreign`);
  if (rows[0]?.foreign) throw new Refusal('not-found', 'No such client among yours');
}

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

/** Refuses streams without end. */
function requireRoom(fresh: readonly LogEvent[], lengths: ReadonlyMap<string, number>): void {
  for (const { streamId, type } of fresh) {
    const most = LONGEST_STREAM + (ENDINGS.has(type) ? ROOM_TO_END : 0);
    if ((lengths.get(streamId) ?? 0) > most) {
      throw new Refusal(
        'too-large',
        `A session holds ${LONGEST_STREAM} entries at most; finish it and start another`,
      );
    }
  }
}

/** Refuses a session that was started with one client and again with another. */
function requireOneClient(logs: readonly LogEvent[]): void {
  const clientIn = new Map<string, string>();
  for (const event of logs) {
    for (const clientId of clientOf(event)) {
      const known = clientIn.get(streamKey(event)) ?? clientId;
      if (known !== clientId) {
        throw new Refusal('conflict', 'This session was started with another client');
      }
      clientIn.set(streamKey(event), clientId);
    }
  }
}

/**
 * Inserts what is not there yet. Answers the ids of events that were new, and how many each stream concerned holds now.
 * The rows go as one JSON parameter: round trips and parameters cost more than the rows themselves.
 */
async function insertEvents(
  db: StudioDb,
  studioId: string,
  batch: readonly LogEvent[],
  sentBy: string,
): Promise<{ fresh: Set<string>; last: number; lengths: Map<string, number> }> {
  const streamIds = [...new Set(batch.map((event) => event.streamId))];
  const { rows } = await db.execute<{ id: string; seq: string }>(sql`
    WITH arrival AS (
      UPDATE studios SET arrivals = arrivals + ${batch.length} WHERE id = ${studioId}::uuid
      RETURNING arrivals - ${batch.length} AS before
    )
    INSERT INTO events (studio_id, id, seq, stream, stream_id, type, at, author, sent_by, device, payload)
    SELECT ${studioId}::uuid, e.id, before + e.nth, e.stream, e."streamId", e.type, e.at, e.author, ${sentBy}::uuid,
      e.device, e.payload
    FROM arrival, ROWS FROM (jsonb_to_recordset(${JSON.stringify(batch)}::jsonb)
      AS (id uuid, stream text, "streamId" uuid, type text, at timestamptz, author uuid, device uuid, payload jsonb)
    ) WITH ORDINALITY AS e(id, stream, "streamId", type, at, author, device, payload, nth)
    ON CONFLICT DO NOTHING
    RETURNING id, seq`);
  const { rows: lengths } = await db.execute<{ id: string; entries: number }>(sql`
    SELECT stream_id AS id, count(*)::int AS entries FROM events
    WHERE studio_id = ${studioId}::uuid AND stream_id = ANY(${uuidList(streamIds)}) GROUP BY stream_id`);
  return {
    fresh: new Set(rows.map(({ id }) => id)),
    last: Math.max(0, ...rows.map(({ seq }) => Number(seq))),
    lengths: new Map(lengths.map(({ id, entries }) => [id, entries])),
  };
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
 * Appends events of any streams of the studio and projects those streams, all or nothing; `who` is the trainer whose
 * sign-in they came by. Events that the log holds already do nothing. Refuses clients and authors that are not the
 * studio's, a session that was started with another client, and streams without end.
 */
export async function appendEvents(
  db: StudioDb,
  who: Sender,
  incoming: readonly LogEvent[],
): Promise<Appended> {
  const { studioId } = who;
  const batch = [...new Map(incoming.map((event) => [event.id, event])).values()];
  await admit(db, who, batch);
  const { fresh, last, lengths } = await insertEvents(db, studioId, batch, who.trainerId);
  if (fresh.size < batch.length) {
    await requireSame(
      db,
      studioId,
      batch.filter((event) => !fresh.has(event.id)),
    );
  }
  if (fresh.size === 0) return { cursor: await logCursor(db, studioId), added: 0, broken: [] };
  const added = batch.filter((event) => fresh.has(event.id));
  requireRoom(added, lengths);
  const due = await streamsDue(db, studioId, added);
  const { messages, broken } = await projectDue(db, studioId, due);
  const cursor = String(last);
  await announce(db, studioId, { kind: 'log', cursor }, ...messages);
  return { cursor, added: fresh.size, broken };
}

/** Projects streams from their whole logs. */
async function projectDue(db: StudioDb, studioId: string, due: readonly string[]) {
  if (due.length === 0) return { messages: [], broken: [] };
  const logs = await readEvents(db, studioId, sql`${events.streamId} = ANY(${uuidList(due)})`);
  requireOneClient(logs.events);
  return projectLogs(db, studioId, logs.events);
}
