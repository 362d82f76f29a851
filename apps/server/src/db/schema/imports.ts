import { index, integer, pgTable, primaryKey, smallint, text, uuid } from 'drizzle-orm/pg-core';
import { belongsTo, now, studioId, when } from './columns';
import { clients } from './clients';
import { studios } from './studios';

/** Files of sets that were brought in: each is taken back as one. */
export const imports = pgTable(
  'imports',
  {
    studioId: studioId().references(() => studios.id),
    id: uuid('id').notNull(),
    fileName: text('file_name').notNull(),
    madeBy: uuid('made_by').notNull(),
    madeAt: when('made_at').notNull().default(now),
    /** Sets of the file, also those that were there already. */
    read: integer('read').notNull(),
  },
  (table) => [primaryKey({ columns: [table.studioId, table.id] })],
);

/** What other records say was lifted, before Spalo or beside it: weak evidence, in no session. */
export const importedSets = pgTable(
  'imported_sets',
  {
    studioId: studioId(),
    id: uuid('id').notNull(),
    importId: uuid('import_id').notNull(),
    clientId: uuid('client_id').notNull(),
    liftId: text('lift_id').notNull(),
    /** A day, 2025-05-01: logs seldom hold more. */
    day: text('day').notNull(),
    loadG: integer('load_g').notNull(),
    reps: smallint('reps').notNull(),
    rir: smallint('rir'),
    note: text('note').notNull().default(''),
  },
  (table) => [
    primaryKey({ columns: [table.studioId, table.id] }),
    belongsTo([table.studioId, table.importId], imports),
    belongsTo([table.studioId, table.clientId], clients),
    index('imported_sets_client').on(table.studioId, table.clientId, table.day),
    index('imported_sets_import').on(table.studioId, table.importId),
  ],
);
