import { sql } from 'drizzle-orm';
import type { Database, StudioDb } from '../db/database';

/** Whether there is a studio besides the demo. */
export async function anyStudio({ pool }: Database): Promise<boolean> {
  const { rows } = await pool.query<{ any: boolean }>('SELECT any_studio() AS any');
  return rows[0]?.any ?? false;
}

/** Whoever makes a first studio holds it. */
export const FIRST_STUDIO_LOCK = 460_046_005;

/** Two first studios at once would both find none: they queue here, to the end of the transaction. */
export const queueForFirstStudio = (db: StudioDb): Promise<unknown> =>
  db.execute(sql`SELECT pg_advisory_xact_lock(${FIRST_STUDIO_LOCK})`);
