import { bookingStates, type Arranged, type SessionLift } from '@spalo/core/planning';
import { index, integer, jsonb, pgTable, primaryKey, text, uuid } from 'drizzle-orm/pg-core';
import { belongsTo, now, studioId, when } from './columns';
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
    state: text('state', { enum: bookingStates }).notNull().default('booked'),
    /** The session that was built for it; null for the client's own lifts. */
    lifts: jsonb('lifts').$type<SessionLift[]>(),
    /** How it gives way to others of its hour; null where it does not. */
    arranged: jsonb('arranged').$type<Arranged>(),
    /** Where; null for the room at hand. A room that is taken away since is none. */
    roomId: uuid('room_id'),
    /** The repeated booking that it belongs to, and its rule (RFC 5545). */
    series: jsonb('series').$type<{ id: string; rule: string }>(),
    /** How often its hour, place or state was changed, and when last: calendar programs take the later. */
    sequence: integer('sequence').notNull().default(0),
    changedAt: when('changed_at').notNull().default(now),
  },
  (table) => [
    primaryKey({ columns: [table.studioId, table.id] }),
    belongsTo([table.studioId, table.clientId], clients),
    index('bookings_start').on(table.studioId, table.startsAt),
  ],
);
