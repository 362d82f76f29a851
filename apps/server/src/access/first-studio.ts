import { sql } from 'drizzle-orm';
import type { StudioDb } from '../db/database';

const FIRST_STUDIO_LOCK = 460_046_005;

/** Two first studios at once would both find none: they queue here, to the end of the transaction. */
export const queueForFirstStudio = (db: StudioDb): Promise<unknown> =>
  db.execute(sql`SELECT pg_advisory_xact_lock(${FIRST_STUDIO_LOCK})`);
