import { sql } from 'drizzle-orm';
import type { StudioDb } from '../db/database';

/** Waits until this transaction is the studio's only writer; it is until it commits. */
export async function takeStudio(db: StudioDb, studioId: string): Promise<void> {
  await db.execute(sql`SELECT pg_advisory_xact_lock(hashtextextended(${studioId}, 0))`);
}
