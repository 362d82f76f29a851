import { sql } from 'drizzle-orm';
import type { StudioDb } from '../db/database';
import { clientHistories, events, sessions, sets } from '../db/schema';
import { projectSession } from './project';

/** Throws a studio's projections away and makes them anew from its log. Answers how many sessions there were. */
export async function rebuildStudio(db: StudioDb, studioId: string): Promise<number> {
  // The same lock as appending: nothing may arrive half-way.
  await db.execute(sql`SELECT pg_advisory_xact_lock(hashtextextended(${studioId}, 0))`);
  for (const table of [sets, sessions, clientHistories]) {
    await db.delete(table).where(sql`${table.studioId} = ${studioId}`);
  }
  const found = await db
    .selectDistinct({ sessionId: events.sessionId })
    .from(events)
    .where(sql`${events.studioId} = ${studioId}`);
  for (const { sessionId } of found) await projectSession(db, studioId, sessionId);
  return found.length;
}
