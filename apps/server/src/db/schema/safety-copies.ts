import { bigint, boolean, pgTable, text, uuid } from 'drizzle-orm/pg-core';
import { when } from './columns';

/** Copies of the whole database, as who runs Spalo has them made: no studio's, and nothing of one is in it. */
export const safetyCopies = pgTable('safety_copies', {
  id: uuid('id').primaryKey(),
  takenAt: when('taken_at').notNull(),
  bytes: bigint('bytes', { mode: 'number' }).notNull(),
  /** When it was restored beside, and held every row that it should; null where it was not. */
  verifiedAt: when('verified_at'),
  /** What was wrong with it; empty where nothing was. */
  problem: text('problem').notNull().default(''),
  /** The last day that it is kept, by the rule it was made under. */
  keptUntil: when('kept_until').notNull(),
  /** When its file was taken away; null while it is there. */
  removedAt: when('removed_at'),
  /** Nobody reads it without the key. */
  sealed: boolean('sealed').notNull().default(false),
});
