import { index, integer, pgTable, primaryKey, uuid } from 'drizzle-orm/pg-core';
import { belongsTo, studioId, when } from './columns';
import { clients } from './clients';

export const bookings = pgTable(
  'bookings',
  {
    studioId: studioId(),
    id: uuid('id').notNull(),
    clientId: uuid('client_id').notNull(),
    trainerId: uuid('trainer_id').notNull(),
    startsAt: when('starts_at').notNull(),
    minutes: integer('minutes').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.studioId, table.id] }),
    belongsTo([table.studioId, table.clientId], clients),
    index('bookings_start').on(table.studioId, table.startsAt),
  ],
);
