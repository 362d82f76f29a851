import type {
  Band,
  Barbell,
  BodyRange,
  ClientHistory,
  Dumbbell,
  Kettlebell,
  Machine,
  Override,
  Plate,
  ReportedLift,
  SessionEvent,
  SessionState,
  Stack,
} from '@spalo/core';
import type { ScreeningAnswer } from '@spalo/catalog';
import type { Segments } from '@spalo/contract';
import { sql } from 'drizzle-orm';
import {
  bigint,
  boolean,
  customType,
  foreignKey,
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

/**
 * Every table of a studio is keyed by (studio_id, id): an id made on one studio's device can neither collide with
 * nor reveal one of another's. Row-level security (see the second migration) filters by studio beneath the code.
 */
const studioId = () => uuid('studio_id').notNull();
/** Times go in and come out as ISO 8601 in UTC with milliseconds, as in the events. */
const when = customType<{ data: string; driverData: string }>({
  dataType: () => 'timestamp(3) with time zone',
  fromDriver: (value) => new Date(value).toISOString(),
});

export const studios = pgTable('studios', {
  id: uuid('id').primaryKey(),
  name: text('name').notNull(),
  unit: text('unit', { enum: ['kg', 'lb'] }).notNull(),
  zone: text('zone').notNull(),
  isDemo: boolean('is_demo').notNull().default(false),
  createdAt: when('created_at')
    .notNull()
    .default(sql`now()`),
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
    createdAt: when('created_at')
      .notNull()
      .default(sql`now()`),
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
    createdAt: when('created_at')
      .notNull()
      .default(sql`now()`),
  },
  (table) => [
    foreignKey({
      columns: [table.studioId, table.trainerId],
      foreignColumns: [trainers.studioId, trainers.id],
    }),
  ],
);

/** Failed sign-ins by e-mail and address, so that every instance throttles alike. */
export const signInTries = pgTable('sign_in_tries', {
  key: text('key').primaryKey(),
  tries: integer('tries').notNull(),
  since: when('since').notNull(),
});

export const clients = pgTable(
  'clients',
  {
    studioId: studioId().references(() => studios.id),
    id: uuid('id').notNull(),
    name: text('name').notNull(),
    calledName: text('called_name').notNull(),
    bodyMassG: integer('body_mass_g').notNull(),
    sex: text('sex', { enum: ['female', 'male', 'unsaid'] }).notNull(),
    trainingMonths: integer('training_months').notNull(),
    /** A day, 1990-05-01. */
    birthDate: text('birth_date'),
    heightMm: integer('height_mm'),
    phone: text('phone').notNull().default(''),
    email: text('email').notNull().default(''),
    nervous: boolean('nervous').notNull(),
    preference: text('preference', { enum: ['strength', 'size', 'endurance', 'none'] })
      .notNull()
      .default('none'),
    goal: text('goal').notNull(),
    availability: text('availability').notNull().default(''),
    brief: text('brief').notNull(),
    emergencyContact: text('emergency_contact').notNull().default(''),
    consentAt: when('consent_at'),
    squatLook: text('squat_look', { enum: ['knees forward', 'hips back'] }),
    segments: jsonb('segments').$type<Segments>(),
    stiff: jsonb('stiff').$type<BodyRange[]>().notNull().default([]),
    reports: jsonb('reports').$type<ReportedLift[]>().notNull(),
    programme: jsonb('programme').$type<string[]>().notNull().default([]),
    overrides: jsonb('overrides').$type<Override[]>().notNull().default([]),
    archivedAt: when('archived_at'),
    createdAt: when('created_at')
      .notNull()
      .default(sql`now()`),
    updatedAt: when('updated_at')
      .notNull()
      .default(sql`now()`),
  },
  (table) => [primaryKey({ columns: [table.studioId, table.id] })],
);

const ofClient = (table: { studioId: never; clientId: never }) =>
  foreignKey({
    columns: [table.studioId, table.clientId],
    foreignColumns: [clients.studioId, clients.id],
  });

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
    ofClient(table as never),
  ],
);

export const flags = pgTable(
  'flags',
  {
    studioId: studioId(),
    id: uuid('id').notNull(),
    clientId: uuid('client_id').notNull(),
    place: text('place').notNull(),
    side: text('side', { enum: ['left', 'right', 'both', 'none'] }).notNull(),
    note: text('note').notNull(),
    fine: text('fine').notNull().default(''),
    since: text('since'),
    saidBy: text('said_by').notNull().default(''),
    state: text('state', { enum: ['new', 'watched', 'cleared', 'closed'] }).notNull(),
    usualPain: smallint('usual_pain').notNull(),
    createdAt: when('created_at')
      .notNull()
      .default(sql`now()`),
  },
  (table) => [
    primaryKey({ columns: [table.studioId, table.id] }),
    ofClient(table as never),
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
  },
  (table) => [
    primaryKey({ columns: [table.studioId, table.id] }),
    ofClient(table as never),
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
    at: when('at')
      .notNull()
      .default(sql`now()`),
  },
  (table) => [primaryKey({ columns: [table.studioId, table.id] })],
);

export const screenings = pgTable(
  'screenings',
  {
    studioId: studioId(),
    clientId: uuid('client_id').notNull(),
    answers: jsonb('answers').$type<Record<string, ScreeningAnswer>>().notNull(),
    answeredAt: when('answered_at').notNull(),
  },
  (table) => [primaryKey({ columns: [table.studioId, table.clientId] }), ofClient(table as never)],
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
    at: when('at')
      .notNull()
      .default(sql`now()`),
  },
  (table) => [
    primaryKey({ columns: [table.studioId, table.id] }),
    index('screening_openings_client').on(table.studioId, table.clientId, table.at),
  ],
);

export const rooms = pgTable(
  'rooms',
  {
    studioId: studioId().references(() => studios.id),
    id: uuid('id').notNull(),
    name: text('name').notNull(),
    bars: jsonb('bars').$type<Barbell[]>().notNull(),
    plates: jsonb('plates').$type<Plate[]>().notNull(),
    dumbbells: jsonb('dumbbells').$type<Dumbbell[]>().notNull(),
    kettlebells: jsonb('kettlebells').$type<Kettlebell[]>().notNull().default([]),
    stacks: jsonb('stacks').$type<Stack[]>().notNull().default([]),
    machines: jsonb('machines').$type<Machine[]>().notNull().default([]),
    bands: jsonb('bands').$type<Band[]>().notNull().default([]),
  },
  (table) => [primaryKey({ columns: [table.studioId, table.id] })],
);

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
    ofClient(table as never),
    index('bookings_start').on(table.studioId, table.startsAt),
  ],
);

/** The session log: append-only, the only truth about a session. `seq` is the order of arrival. */
export const events = pgTable(
  'events',
  {
    studioId: studioId().references(() => studios.id),
    id: uuid('id').notNull(),
    seq: bigint('seq', { mode: 'number' }).notNull().generatedAlwaysAsIdentity(),
    sessionId: uuid('session_id').notNull(),
    type: text('type').$type<SessionEvent['type']>().notNull(),
    at: when('at').notNull(),
    author: uuid('author').notNull(),
    device: uuid('device').notNull(),
    payload: jsonb('payload').$type<SessionEvent['payload']>().notNull(),
    receivedAt: when('received_at')
      .notNull()
      .default(sql`now()`),
  },
  (table) => [
    primaryKey({ columns: [table.studioId, table.id] }),
    index('events_session').on(table.studioId, table.sessionId),
    uniqueIndex('events_seq').on(table.studioId, table.seq),
  ],
);

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
  },
  (table) => [
    primaryKey({ columns: [table.studioId, table.id] }),
    ofClient(table as never),
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
    kind: text('kind', { enum: ['warm-up', 'working'] }).notNull(),
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
  },
  (table) => [primaryKey({ columns: [table.studioId, table.clientId] }), ofClient(table as never)],
);
