import type { SessionEvent } from '@spalo/core';
import { sql } from 'drizzle-orm';
import type { StudioDb } from '../db/database';
import { clientHistories, sessions, sets } from '../db/schema';
import { projectSession } from './project';
import { readEvents } from './read';

/** Throws a studio's projections away and makes them anew from its log. Answers how many sessions there were. */
export async function rebuildStudio(db: StudioDb, studioId: string): Promise<number> {
  // The same lock as appending: nothing may arrive half-way.
  await db.execute(sql`SELECT pg_advisory_xact_lock(hashtextextended(${studioId}, 0))`);
  for (const table of [sets, sessions, clientHistories]) {
    await db.delete(table).where(sql`${table.studioId} = ${studioId}`);
  }
  const { events: log } = await readEvents(db, studioId, undefined);
  const sessionLogs = new Map<string, SessionEvent[]>();
  for (const event of log) {
    sessionLogs.set(event.sessionId, [...(sessionLogs.get(event.sessionId) ?? []), event]);
  }
  for (const sessionLog of sessionLogs.values()) await projectSession(db, studioId, sessionLog);
  return sessionLogs.size;
}
