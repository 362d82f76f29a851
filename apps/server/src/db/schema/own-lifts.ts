import type { OwnLift } from '@spalo/core/technique';
import { jsonb, pgTable, primaryKey, text, unique, uuid } from 'drizzle-orm/pg-core';
import { studioId } from './columns';
import { studios } from './studios';

/** What a studio teaches of its own, one row a lift. */
export const ownLifts = pgTable(
  'own_lifts',
  {
    studioId: studioId().references(() => studios.id),
    id: uuid('id').notNull(),
    liftId: text('lift_id').notNull(),
    added: jsonb('added').$type<OwnLift['added']>(),
    styles: jsonb('styles').$type<OwnLift['styles']>().notNull(),
    checkpoints: jsonb('checkpoints').$type<OwnLift['checkpoints']>().notNull(),
    cues: jsonb('cues').$type<OwnLift['cues']>().notNull(),
    hidden: jsonb('hidden').$type<string[]>().notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.studioId, table.id] }),
    unique('own_lifts_one_a_lift').on(table.studioId, table.liftId),
  ],
);
