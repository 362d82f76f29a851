import type { StreamMessage } from '@spalo/contract';
import { sql } from 'drizzle-orm';
import type { StudioDb } from '../db/database';

/** The channel that instances on one database tell each other of changes on. */
export const CHANNEL = 'spalo';

/** Tells every instance of changes once the transaction commits. */
export async function announce(db: StudioDb, studioId: string, ...messages: StreamMessage[]) {
  await db.execute(sql`SELECT pg_notify(${CHANNEL}, ${JSON.stringify({ studioId, messages })})`);
}
