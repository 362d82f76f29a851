import type { StreamMessage } from '@spalo/contract';
import { sql } from 'drizzle-orm';
import type { StudioDb } from './database';

/** The channel that instances on one database tell each other of changes on. */
export const CHANNEL = 'spalo';

/** What instances tell each other: messages for a studio's devices, and sign-ins that have ended. */
export interface Announcement {
  studioId: string;
  messages: StreamMessage[];
  ended: string[];
}

const notify = (db: StudioDb, announcement: Announcement) =>
  db.execute(sql`SELECT pg_notify(${CHANNEL}, ${JSON.stringify(announcement)})`);

/** Tells every instance of changes once the transaction commits. */
export async function announce(db: StudioDb, studioId: string, ...messages: StreamMessage[]) {
  await notify(db, { studioId, messages, ended: [] });
}

/** Tells every device that it may see other clients than before. */
export const announceClients = (db: StudioDb, studioId: string) =>
  announce(
    db,
    studioId,
    { kind: 'changed', what: 'clients' },
    { kind: 'changed', what: 'bookings' },
  );

/** As many ids as a notification holds, which is 8,000 bytes at the most, with room to spare. */
const IDS = 100;

/** Tells every instance that sign-ins have ended, by their ids: however many, in as many notifications as it takes. */
export async function announceEnded(db: StudioDb, studioId: string, ended: readonly string[]) {
  for (let from = 0; from < ended.length; from += IDS) {
    await notify(db, { studioId, messages: [], ended: ended.slice(from, from + IDS) });
  }
}
