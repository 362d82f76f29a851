import type { ScreeningAnswer } from '@spalo/catalog';
import { boolean, index, jsonb, pgTable, primaryKey, uuid } from 'drizzle-orm/pg-core';
import { belongsTo, now, studioId, when } from './columns';
import { clients } from './clients';

export const screenings = pgTable(
  'screenings',
  {
    studioId: studioId(),
    clientId: uuid('client_id').notNull(),
    answers: jsonb('answers').$type<Record<string, ScreeningAnswer>>().notNull(),
    answeredAt: when('answered_at').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.studioId, table.clientId] }),
    belongsTo([table.studioId, table.clientId], clients),
  ],
);

/** Every opening of screening answers, refused ones too. The app may add rows, never change them. */
export const screeningOpenings = pgTable(
  'screening_openings',
  {
    studioId: studioId(),
    id: uuid('id').notNull(),
    clientId: uuid('client_id').notNull(),
    trainerId: uuid('trainer_id').notNull(),
    allowed: boolean('allowed').notNull(),
    at: when('at').notNull().default(now),
  },
  (table) => [
    primaryKey({ columns: [table.studioId, table.id] }),
    index('screening_openings_client').on(table.studioId, table.clientId, table.at),
  ],
);
