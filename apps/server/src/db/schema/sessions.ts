import type { ClientShare } from '@spalo/coaching';
import type { ClientHistory } from '@spalo/core/memory';
import { stepKinds, type SessionState } from '@spalo/core/session';
import {
  boolean,
  index,
  integer,
  jsonb,
  pgTable,
  primaryKey,
  smallint,
  text,
  uuid,
} from 'drizzle-orm/pg-core';
import { belongsTo, studioId, when } from './columns';
import { clients } from './clients';

/** Projection: each session as its log tells it. */
export const sessions = pgTable(
  'sessions',
  {
    studioId: studioId(),
    id: uuid('id').notNull(),
    clientId: uuid('client_id').notNull(),
    bookingId: uuid('booking_id'),
    trainerId: uuid('trainer_id').notNull(),
    startedAt: when('started_at').notNull(),
    finishedAt: when('finished_at'),
    state: jsonb('state').$type<SessionState>().notNull(),
    /** Which version of the reducer made the state: one of another is made anew. */
    stateVersion: integer('state_version').notNull().default(1),
    /** The log of this open session has gone on since: it is told anew when it is asked for. */
    stale: boolean('stale').notNull().default(false),
  },
  (table) => [
    primaryKey({ columns: [table.studioId, table.id] }),
    belongsTo([table.studioId, table.clientId], clients),
    index('sessions_client').on(table.studioId, table.clientId, table.startedAt),
    index('sessions_booking').on(table.studioId, table.bookingId),
  ],
);

/** Projection: one row a set, with its latest values. */
export const sets = pgTable(
  'sets',
  {
    studioId: studioId(),
    id: uuid('id').notNull(),
    sessionId: uuid('session_id').notNull(),
    clientId: uuid('client_id').notNull(),
    liftId: text('lift_id').notNull(),
    at: when('at').notNull(),
    kind: text('kind', { enum: stepKinds }).notNull(),
    loadG: integer('load_g').notNull(),
    reps: smallint('reps').notNull(),
    cleanReps: smallint('clean_reps').notNull(),
    rir: smallint('rir'),
    voided: boolean('voided').notNull(),
    corrected: boolean('corrected').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.studioId, table.id] }),
    index('sets_client_lift').on(table.studioId, table.clientId, table.liftId, table.at),
    index('sets_session').on(table.studioId, table.sessionId),
  ],
);

/** Projection: what a client's finished sessions leave behind for the next one. */
export const clientHistories = pgTable(
  'client_histories',
  {
    studioId: studioId(),
    clientId: uuid('client_id').notNull(),
    history: jsonb('history').$type<ClientHistory>().notNull(),
    /** What it was before its last session, so that this one can be folded in again; null where that is not known. */
    before: jsonb('before').$type<ClientHistory>(),
    lastSessionId: uuid('last_session_id'),
    /** What the folding rested on besides the sessions, as a hash: another one, and all is folded anew. */
    basis: text('basis').notNull().default(''),
    lastSessionAt: when('last_session_at'),
    /** What of it the studio learns from; null where it was folded before that was kept. */
    share: jsonb('share').$type<ClientShare>(),
  },
  (table) => [
    primaryKey({ columns: [table.studioId, table.clientId] }),
    belongsTo([table.studioId, table.clientId], clients),
  ],
);
