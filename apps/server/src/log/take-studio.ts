import { sql } from 'drizzle-orm';
import type { StudioDb } from '../db/database';

/** The lock by which a transaction is a studio's only writer until it commits. */
export const studioLock = (studioId: string) =>
  sql`pg_advisory_xact_lock(hashtextextended(${studioId}, 0))`;

/** Waits until this transaction is the studio's only writer. */
export async function takeStudio(db: StudioDb, studioId: string): Promise<void> {
  await db.execute(sql`SELECT ${studioLock(studioId)}`);
}
