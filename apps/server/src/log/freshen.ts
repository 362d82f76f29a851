import { and, eq, inArray, type SQL } from 'drizzle-orm';
import type { StudioDb } from '../db/database';
import { events, sessions } from '../db/schema';
import { projectLogs } from './project/project';
import { readEvents } from './read';
import { takeStudio } from './take-studio';

const staleIn = async (db: StudioDb, studioId: string, where: SQL | undefined) => {
  const rows = await db
    .select({ id: sessions.id })
    .from(sessions)
    .where(and(eq(sessions.studioId, studioId), eq(sessions.stale, true), where));
  return rows.map(({ id }) => id);
};

/** Brings open sessions level with their logs before somebody reads them: all of the studio, or those that `where` names. */
export async function freshen(db: StudioDb, studioId: string, where?: SQL): Promise<void> {
  if ((await staleIn(db, studioId, where)).length === 0) return;
  // Nothing may arrive between reading the log and writing what it tells.
  await takeStudio(db, studioId);
  const ids = await staleIn(db, studioId, where);
  if (ids.length === 0) return;
  const log = await readEvents(db, studioId, inArray(events.streamId, ids));
  await projectLogs(db, studioId, log.events);
}
