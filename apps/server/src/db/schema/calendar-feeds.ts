import { pgTable, primaryKey, text, uuid } from 'drizzle-orm/pg-core';
import { belongsTo, now, studioId, when } from './columns';
import { trainers } from './studios';

/** The secret address of each trainer's calendar. Only a hash of its token is kept. */
export const calendarFeeds = pgTable(
  'calendar_feeds',
  {
    studioId: studioId(),
    trainerId: uuid('trainer_id').notNull(),
    tokenHash: text('token_hash').notNull().unique(),
    createdAt: when('created_at').notNull().default(now),
  },
  (table) => [
    primaryKey({ columns: [table.studioId, table.trainerId] }),
    belongsTo([table.studioId, table.trainerId], trainers),
  ],
);
