import type { BlockState } from '@spalo/core/block';
import { index, jsonb, pgTable, primaryKey, uuid } from 'drizzle-orm/pg-core';
import { clients } from './clients';
import { belongsTo, studioId, when } from './columns';

/** Projection: each block as its log tells it. */
export const blocks = pgTable(
  'blocks',
  {
    studioId: studioId(),
    id: uuid('id').notNull(),
    clientId: uuid('client_id').notNull(),
    startedAt: when('started_at').notNull(),
    endedAt: when('ended_at'),
    state: jsonb('state').$type<BlockState>().notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.studioId, table.id] }),
    belongsTo([table.studioId, table.clientId], clients),
    index('blocks_client').on(table.studioId, table.clientId, table.startedAt),
  ],
);
