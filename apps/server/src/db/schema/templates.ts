import type { TemplateFacts } from '@spalo/contract';
import { jsonb, pgTable, primaryKey, uuid } from 'drizzle-orm/pg-core';
import { studioId } from './columns';
import { studios } from './studios';

/** Sessions and blocks that a studio keeps for other clients. */
export const templates = pgTable(
  'templates',
  {
    studioId: studioId().references(() => studios.id),
    id: uuid('id').notNull(),
    content: jsonb('content').$type<TemplateFacts>().notNull(),
  },
  (table) => [primaryKey({ columns: [table.studioId, table.id] })],
);
