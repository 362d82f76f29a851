import { units } from '@spalo/core/unit';
import { sql } from 'drizzle-orm';
import {
  bigint,
  boolean,
  index,
  integer,
  jsonb,
  pgTable,
  primaryKey,
  smallint,
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
  /** How many days films are kept, and how much room they have, MB. */
  filmDays: integer('film_days').notNull().default(365),
  filmMegabytes: integer('film_megabytes').notNull().default(5000),
  /** The first day of the week: 1 for Monday, 0 for Sunday, 6 for Saturday. */
  weekStart: smallint('week_start').$type<0 | 1 | 6>().notNull().default(1),
  /** The room that a device begins with; null for the first by name. One that is taken away since is none. */
  roomId: uuid('room_id'),
  /** How long a session is booked for, where nothing else is said. */
  bookingMinutes: smallint('booking_minutes').notNull().default(60),
  /** What is dialled for help. */
  emergencyNumber: text('emergency_number').notNull().default('112'),
  /** The studio's own words for screening questions, by the question. */
  screeningWords: jsonb('screening_words').$type<Record<string, string>>().notNull().default({}),
  /** Whose clients trainers who own nothing see and change: everybody's, or those they coach. */
  trainersSee: text('trainers_see', { enum: ['all', 'own'] })
    .notNull()
    .default('all'),
  createdAt: when('created_at').notNull().default(now),
  /** The arrival number of the event that came last: each studio counts its own. */
  arrivals: bigint('arrivals', { mode: 'number' }).notNull().default(0),
});

export const trainers = pgTable(
  'trainers',
  {
    studioId: studioId().references(() => studios.id),
    id: uuid('id').notNull(),
    name: text('name').notNull(),
    email: text('email').notNull(),
    /** Null until the invitation was used, and after they have left. */
    passwordHash: text('password_hash'),
    role: text('role', { enum: ['owner', 'trainer'] }).notNull(),
    createdAt: when('created_at').notNull().default(now),
    /** When they left the studio; what they did stays under their name. */
    leftAt: when('left_at'),
  },
  (table) => [
    primaryKey({ columns: [table.studioId, table.id] }),
    // One person may work for several studios.
    uniqueIndex('trainers_studio_email')
      .on(table.studioId, table.email)
      .where(sql`left_at IS NULL`),
    index('trainers_by_email').on(table.email),
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
    /** Names this sign-in to its trainer. */
    id: uuid('id').notNull().defaultRandom(),
    /** The browser as it called itself, shortened. */
    browser: text('browser').notNull().default(''),
  },
  (table) => [
    belongsTo([table.studioId, table.trainerId], trainers),
    index('sign_ins_trainer').on(table.studioId, table.trainerId),
  ],
);

/** What one link may do, once: take up an invitation, or choose a new password. Only a hash of its token is kept. */
export const oneTimeLinks = pgTable(
  'one_time_links',
  {
    tokenHash: text('token_hash').primaryKey(),
    studioId: studioId(),
    trainerId: uuid('trainer_id').notNull(),
    kind: text('kind', { enum: ['invitation', 'reset'] }).notNull(),
    madeBy: uuid('made_by').notNull(),
    expiresAt: when('expires_at').notNull(),
    createdAt: when('created_at').notNull().default(now),
  },
  (table) => [belongsTo([table.studioId, table.trainerId], trainers)],
);

/** Browsers that a trainer has signed in with: strangers' tries at their account do not shut these out. */
export const knownBrowsers = pgTable(
  'known_browsers',
  {
    tokenHash: text('token_hash').notNull(),
    studioId: studioId(),
    trainerId: uuid('trainer_id').notNull(),
    expiresAt: when('expires_at').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.studioId, table.trainerId, table.tokenHash] }),
    belongsTo([table.studioId, table.trainerId], trainers),
  ],
);

/** Failed sign-ins by account, by address and by both, so that every instance throttles alike. */
export const signInTries = pgTable('sign_in_tries', {
  key: text('key').primaryKey(),
  tries: integer('tries').notNull(),
  since: when('since').notNull(),
});
