import { units } from '@spalo/core';
import {
  boolean,
  integer,
  pgTable,
  primaryKey,
  text,
  uniqueIndex,
  uuid,
} from 'drizzle-orm/pg-core';
import { belongsTo, now, studioId, when } from './columns';

export const studios = pgTable('studios', {
  id: uuid('id').primaryKey(),
  name: text('name').notNull(),
  unit: text('unit', { enum: units }).notNull(),
  zone: text('zone').notNull(),
  isDemo: boolean('is_demo').notNull().default(false),
  createdAt: when('created_at').notNull().default(now),
});

export const trainers = pgTable(
  'trainers',
  {
    studioId: studioId().references(() => studios.id),
    id: uuid('id').notNull(),
    name: text('name').notNull(),
    email: text('email').notNull(),
    passwordHash: text('password_hash').notNull(),
    role: text('role', { enum: ['owner', 'trainer'] }).notNull(),
    createdAt: when('created_at').notNull().default(now),
  },
  (table) => [
    primaryKey({ columns: [table.studioId, table.id] }),
    uniqueIndex('trainers_email').on(table.email),
  ],
);

/** A sign-in on one device. Only a hash of its token is kept. */
export const signIns = pgTable(
  'sign_ins',
  {
    tokenHash: text('token_hash').primaryKey(),
    studioId: studioId(),
    trainerId: uuid('trainer_id').notNull(),
    expiresAt: when('expires_at').notNull(),
    createdAt: when('created_at').notNull().default(now),
  },
  (table) => [belongsTo([table.studioId, table.trainerId], trainers)],
);

/** Failed sign-ins by e-mail and address, so that every instance throttles alike. */
export const signInTries = pgTable('sign_in_tries', {
  key: text('key').primaryKey(),
  tries: integer('tries').notNull(),
  since: when('since').notNull(),
});
