import { sexes } from '@spalo/core/person';
import { bookingStates } from '@spalo/core/planning';
import { stepKinds } from '@spalo/core/session';
import { z } from 'zod';
import { day, instant, load, repCount, slug, unit, uuid } from '../../primitives/values';

const who = { clientId: uuid, client: z.string().describe('What the client is called') };
const what = { liftId: slug, lift: z.string().describe('What the lift is called here') };

/** A set that counts: logged in a session, or brought in from another record. */
const setRow = z.object({
  ...who,
  day: day.describe('The day in the studio’s zone'),
  at: instant.nullable().describe('When; null where another record knows the day alone'),
  ...what,
  kind: z.enum(stepKinds),
  loadG: load.describe('Grams; of one bell where there are two'),
  reps: repCount.describe('Reps; seconds or metres where the lift is counted so'),
  cleanReps: repCount.nullable(),
  rir: z.int().nullable().describe('Clean reps left in reserve; 4 means four or more'),
  corrected: z.boolean(),
  sessionId: uuid.nullable(),
  importId: uuid.nullable(),
  note: z.string(),
});

const clientRow = z.object({
  ...who,
  calledName: z.string(),
  birthDate: day.nullable(),
  sex: z.enum(sexes),
  bodyMassG: z.int(),
  heightMm: z.int().nullable(),
  trainingMonths: z.int(),
  goal: z.string(),
  availability: z.string(),
  phone: z.string(),
  email: z.string(),
  archivedAt: instant.nullable(),
});

const bookingRow = z.object({
  bookingId: uuid,
  ...who,
  trainer: z.string(),
  startsAt: instant,
  minutes: z.int(),
  state: z.enum(bookingStates),
  room: z.string(),
  sessionId: uuid.nullable(),
  rule: z.string().describe('The rule of the repeated booking that it is of (RFC 5545)'),
});

const bodyRow = z.object({ ...who, day, bodyMassG: z.int() });

/** What a block asks of a lift on one of its days. */
const blockRow = z.object({
  blockId: uuid,
  ...who,
  name: z.string(),
  startedAt: instant,
  endedAt: instant.nullable(),
  week: z.int().describe('From 1'),
  session: z.int().describe('Session of the week, from 1'),
  ...what,
  sets: z.int(),
  reps: repCount,
  targetRir: z.int().describe('Clean reps to leave in reserve'),
  share: z.number().describe('Share of a heavy day’s load'),
  leftOut: z.boolean(),
});

/** The tables of a studio's records, by the name of their file. */
export const recordTables = {
  sets: setRow,
  clients: clientRow,
  bookings: bookingRow,
  bodies: bodyRow,
  blocks: blockRow,
};
export type RecordTable = keyof typeof recordTables;
export type RecordRow<T extends RecordTable> = z.infer<(typeof recordTables)[T]>;
export const recordNames = Object.keys(recordTables) as RecordTable[];

/** All of them as one document. */
const recordsFile = z.object({
  format: z.literal('spalo-records'),
  version: z.literal(1),
  madeAt: instant,
  studio: z.object({ name: z.string(), unit, zone: z.string() }),
  sets: z.array(setRow),
  clients: z.array(clientRow),
  bookings: z.array(bookingRow),
  bodies: z.array(bodyRow),
  blocks: z.array(blockRow),
});

/** The JSON Schema (2020-12) of that document. */
export const recordsSchema = (): object => ({
  title: 'Records of a Spalo studio',
  ...z.toJSONSchema(recordsFile, { io: 'input', target: 'draft-2020-12', unrepresentable: 'any' }),
});
