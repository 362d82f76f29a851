import {
  bigint,
  index,
  jsonb,
  pgTable,
  primaryKey,
  text,
  uniqueIndex,
  uuid,
} from 'drizzle-orm/pg-core';
import { now, studioId, when } from './columns';
import { studios } from './studios';

/** The logs: append-only, the only truth about sessions and whatever else has a stream. `seq` is the order of arrival. */
export const events = pgTable(
  'events',
  {
    studioId: studioId().references(() => studios.id),
    id: uuid('id').notNull(),
    seq: bigint('seq', { mode: 'number' }).notNull(),
    stream: text('stream').notNull(),
    streamId: uuid('stream_id').notNull(),
    type: text('type').notNull(),
    at: when('at').notNull(),
    author: uuid('author').notNull(),
    /** Whose sign-in it came by; null in what came before this was kept. */
    sentBy: uuid('sent_by'),
    device: uuid('device').notNull(),
    payload: jsonb('payload').$type<unknown>().notNull(),
    receivedAt: when('received_at').notNull().default(now),
  },
  (table) => [
    primaryKey({ columns: [table.studioId, table.id] }),
    index('events_stream').on(table.studioId, table.streamId),
    uniqueIndex('events_seq').on(table.studioId, table.seq),
    // They come in order, so that a few pages tell where a day's lie.
    index('events_received').using('brin', table.receivedAt),
  ],
);
