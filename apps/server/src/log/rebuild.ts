import { sql } from 'drizzle-orm';
import type { StudioDb } from '../db/database';
import { clientHistories, sessions, sets } from '../db/schema';
import { logsBySession, projectSessions } from './project';
import { readEvents } from './read';

/** Throws a studio's projections away and makes them anew from its log. Answers how many sessions there were. */
export async function rebuildStudio(db: StudioDb, studioId: string): Promise<number> {
  // The same lock as appending: nothing may arrive half-way.
  await db.execute(sql`SELECT pg_advisory_xact_lock(hashtextextended(${studioId}, 0))`);
  for (const table of [sets, sessions, clientHistories]) {
    await db.delete(table).where(sql`${table.studioId} = ${studioId}`);
  }
  const { events: log } = await readEvents(db, studioId, undefined);
  const logs = logsBySession(log);
  await projectSessions(db, studioId, logs.values());
  return logs.size;
}
