import type { Segments } from '@spalo/contract';
import { sides } from '@spalo/core/lift';
import {
  flagDegrees,
  flagStates,
  noWishes,
  preferences,
  sexes,
  type FlagPlace,
  type ImportedLift,
  type Override,
  type ReportedLift,
  type TurnedDown,
  type Wishes,
} from '@spalo/core/person';
import type { BodyRange } from '@spalo/core/warm-up';
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
import { belongsTo, now, studioId, when } from './columns';
import { studios } from './studios';

export const clients = pgTable(
  'clients',
  {
    studioId: studioId().references(() => studios.id),
    id: uuid('id').notNull(),
    name: text('name').notNull(),
    calledName: text('called_name').notNull(),
    bodyMassG: integer('body_mass_g').notNull(),
    sex: text('sex', { enum: sexes }).notNull(),
    trainingMonths: integer('training_months').notNull(),
    /** When it was that many: they go on from there. */
    trainingMonthsAt: when('training_months_at').notNull().default(now),
    /** A day, 1990-05-01. */
    birthDate: text('birth_date'),
    heightMm: integer('height_mm'),
    phone: text('phone').notNull().default(''),
    email: text('email').notNull().default(''),
    nervous: boolean('nervous').notNull(),
    preference: text('preference', { enum: preferences }).notNull().default('none'),
    goal: text('goal').notNull(),
    availability: text('availability').notNull().default(''),
    brief: text('brief').notNull(),
    emergencyContact: text('emergency_contact').notNull().default(''),
    consentAt: when('consent_at'),
    filmConsentAt: when('film_consent_at'),
    touchConsentAt: when('touch_consent_at'),
    /** Who answers for a client under 18, and when they agreed. */
    guardian: text('guardian').notNull().default(''),
    guardianConsentAt: when('guardian_consent_at'),
    /** When the screening questions were asked again and nothing had changed. */
    askedAgainAt: when('asked_again_at'),
    squatLook: text('squat_look', { enum: ['knees forward', 'hips back'] }),
    segments: jsonb('segments').$type<Segments>(),
    stiff: jsonb('stiff').$type<BodyRange[]>().notNull().default([]),
    reports: jsonb('reports').$type<ReportedLift[]>().notNull(),
    /** What imported logs say they lifted, a row a lift. */
    imported: jsonb('imported').$type<ImportedLift[]>().notNull().default([]),
    programme: jsonb('programme').$type<string[]>().notNull().default([]),
    overrides: jsonb('overrides').$type<Override[]>().notNull().default([]),
    turnedDown: jsonb('turned_down').$type<TurnedDown[]>().notNull().default([]),
    wishes: jsonb('wishes').$type<Wishes>().notNull().default(noWishes),
    archivedAt: when('archived_at'),
    createdAt: when('created_at').notNull().default(now),
    updatedAt: when('updated_at').notNull().default(now),
  },
  (table) => [primaryKey({ columns: [table.studioId, table.id] })],
);

/** The trainers who coach a client, and so may open the screening answers. */
export const clientTrainers = pgTable(
  'client_trainers',
  {
    studioId: studioId(),
    clientId: uuid('client_id').notNull(),
    trainerId: uuid('trainer_id').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.studioId, table.clientId, table.trainerId] }),
    belongsTo([table.studioId, table.clientId], clients),
  ],
);

export const flags = pgTable(
  'flags',
  {
    studioId: studioId(),
    id: uuid('id').notNull(),
    clientId: uuid('client_id').notNull(),
    place: text('place').$type<FlagPlace>().notNull(),
    side: text('side', { enum: sides }).notNull(),
    note: text('note').notNull(),
    fine: text('fine').notNull().default(''),
    since: text('since'),
    saidBy: text('said_by').notNull().default(''),
    state: text('state', { enum: flagStates }).notNull(),
    usualPain: smallint('usual_pain').notNull(),
    degree: text('degree', { enum: flagDegrees }),
    worst: smallint('worst'),
    closedOn: text('closed_on'),
    createdAt: when('created_at').notNull().default(now),
  },
  (table) => [
    primaryKey({ columns: [table.studioId, table.id] }),
    belongsTo([table.studioId, table.clientId], clients),
    index('flags_client').on(table.studioId, table.clientId),
  ],
);

/** Body mass with its day; the newest is also the client's. */
export const measurements = pgTable(
  'measurements',
  {
    studioId: studioId(),
    id: uuid('id').notNull(),
    clientId: uuid('client_id').notNull(),
    day: text('day').notNull(),
    bodyMassG: integer('body_mass_g').notNull(),
    removed: boolean('removed').notNull().default(false),
  },
  (table) => [
    primaryKey({ columns: [table.studioId, table.id] }),
    belongsTo([table.studioId, table.clientId], clients),
    index('measurements_client').on(table.studioId, table.clientId, table.day),
  ],
);

/** Who was deleted for good: only ids, so that late devices cannot bring them back. */
export const erasedClients = pgTable(
  'erased_clients',
  {
    studioId: studioId().references(() => studios.id),
    id: uuid('id').notNull(),
    sessionIds: uuid('session_ids').array().notNull(),
    at: when('at').notNull().default(now),
  },
  (table) => [primaryKey({ columns: [table.studioId, table.id] })],
);
