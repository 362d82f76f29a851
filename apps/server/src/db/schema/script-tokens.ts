import { index, integer, pgTable, primaryKey, text, uniqueIndex, uuid } from 'drizzle-orm/pg-core';
import { belongsTo, now, studioId, when } from './columns';
import { trainers } from './studios';

/** What a script reads with, as the owner who made it; a hash of it alone is kept. */
export const scriptTokens = pgTable(
  'script_tokens',
  {
    studioId: studioId(),
    id: uuid('id').notNull(),
    tokenHash: text('token_hash').notNull(),
    name: text('name').notNull(),
    madeBy: uuid('made_by').notNull(),
    madeAt: when('made_at').notNull().default(now),
    expiresAt: when('expires_at').notNull(),
    revokedAt: when('revoked_at'),
  },
  (table) => [
    primaryKey({ columns: [table.studioId, table.id] }),
    belongsTo([table.studioId, table.madeBy], trainers),
    uniqueIndex('script_tokens_hash').on(table.tokenHash),
  ],
);

/** What was read with a token: how often each operation was asked for in a day, and when last. */
export const scriptUses = pgTable(
  'script_uses',
  {
    studioId: studioId(),
    tokenId: uuid('token_id').notNull(),
    day: text('day').notNull(),
    operation: text('operation').notNull(),
    times: integer('times').notNull(),
    lastAt: when('last_at').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.studioId, table.tokenId, table.day, table.operation] }),
    belongsTo([table.studioId, table.tokenId], scriptTokens),
    index('script_uses_last').on(table.studioId, table.tokenId, table.lastAt),
  ],
);
