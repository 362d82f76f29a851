import type { StreamMessage } from '@spalo/contract';
import type { LogEvent } from '@spalo/core/log';
import { reduceSession, type SessionState } from '@spalo/core/session';
import { sql } from 'drizzle-orm';
import type { StudioDb } from '../../db/database';
import { clientHistories, sessions, sets } from '../../db/schema';
import { uuidList } from '../../db/uuid-list';
import { projectHistory } from './history';
import type { Projector } from './projector';
import { projectSets } from './sets';
import { projectStates } from './states';

/** Events that change which sessions there are, and what they leave behind. */
const TURNS = new Set([
  'session.started',
  'session.finished',
  'session.reopened',
  'entries.withdrawn',
]);

/** Takes sessions out that were taken back, wherever they were; answers those that were there. */
async function removeSessions(
  db: StudioDb,
  studioId: string,
  starts: readonly LogEvent[],
): Promise<{ clientId: string }[]> {
  if (starts.length === 0) return [];
  const ids = uuidList(starts.map(({ streamId }) => streamId));
  await db.execute(
    sql`DELETE FROM sets WHERE studio_id = ${studioId}::uuid AND session_id = ANY(${ids})`,
  );
  const { rows } = await db.execute<{ clientId: string }>(sql`
    DELETE FROM sessions WHERE studio_id = ${studioId}::uuid AND id = ANY(${ids})
    RETURNING client_id AS "clientId"`);
  return rows;
}

/** Sessions as their logs tell them, their sets a row each, and what finished ones leave behind for their clients. */
export const sessionProjector: Projector = {
  /** While a session is open only those on its floor look at it, and they have its log: it is told when it is asked for. */
  async defer(db, studioId, fresh) {
    const waiting = new Set(fresh.map((event) => event.streamId));
    for (const { type, streamId } of fresh) if (TURNS.has(type)) waiting.delete(streamId);
    if (waiting.size === 0) return waiting;
    const { rows } = await db.execute<{ id: string }>(sql`
      UPDATE sessions SET stale = true
      WHERE studio_id = ${studioId}::uuid AND id = ANY(${uuidList([...waiting])}) AND finished_at IS NULL
      RETURNING id`);
    return new Set(rows.map(({ id }) => id));
  },

  async project(db, studioId, logs) {
    const states: SessionState[] = [];
    const broken: string[] = [];
    /** The starts of sessions that were mistakes. */
    const takenBack: LogEvent[] = [];
    /** Clients whose history this bears on, each with the one session that does; null where there are several. */
    const changed = new Map<string, SessionState | null>();
    for (const log of logs) {
      try {
        const state = reduceSession(log);
        if (state) states.push(state);
        else takenBack.push(...log.filter(({ type }) => type === 'session.started'));
        // A session that was ever finished may have left a history, also when it is open again.
        if (state && log.some((event) => event.type === 'session.finished')) {
          changed.set(state.clientId, changed.has(state.clientId) ? null : state);
        }
      } catch {
        // One that cannot be made sense of stays in the log and stops no other.
        broken.push(log[0]?.streamId ?? '');
      }
    }
    const removed = await removeSessions(db, studioId, takenBack);
    for (const { clientId } of removed) changed.set(clientId, null);
    const anyNew = (await projectStates(db, studioId, states)) || removed.length > 0;
    await projectSets(db, studioId, states);
    for (const [clientId, only] of changed) {
      await projectHistory(db, studioId, clientId, only ?? undefined);
    }
    const messages: StreamMessage[] = [];
    if (changed.size > 0) messages.push({ kind: 'changed', what: 'clients' });
    if (changed.size > 0 || anyNew) messages.push({ kind: 'changed', what: 'bookings' });
    return { messages, broken };
  },

  async clear(db, studioId) {
    for (const table of [sets, sessions, clientHistories]) {
      await db.delete(table).where(sql`${table.studioId} = ${studioId}`);
    }
  },
};
