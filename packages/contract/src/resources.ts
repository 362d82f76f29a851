import type {
  Barbell,
  ClientHistory,
  Dumbbell,
  Flag,
  PastSet,
  Plate,
  ReportedLift,
  Room,
  SessionState,
} from '@spalo/core';
import { z } from 'zod';
import { joint, liftPlan, pastStep, side } from './events';
import { instant, line, load, repCount, slug, text, unit, uuid } from './primitives';

export const role = z.enum(['owner', 'trainer']);
export const email = z
  .string()
  .trim()
  .toLowerCase()
  .max(200)
  .pipe(z.email('Not an e-mail address'));
/** Long enough that guessing is slow; no rules about characters. */
export const newPassword = z
  .string()
  .min(10, 'At least 10 characters')
  .max(200, 'At most 200 characters');

export const trainer = z.object({ id: uuid, name: line(80), email, role });
export const studio = z.object({ id: uuid, name: line(80), unit, zone: line(60) });

/** Who is signed in. */
export const account = z.object({ trainer, studio });

export const flag = z.object({
  id: uuid,
  place: joint,
  side,
  note: text(300),
  state: z.enum(['new', 'watched', 'cleared', 'closed']),
  usualPain: z.int().min(0).max(10),
}) satisfies z.ZodType<Flag>;

export const reportedLift = z.object({
  liftId: slug,
  loadG: load.min(500, 'At least half a kilo'),
  reps: repCount.min(1, 'At least one rep').max(50, 'At most 50 reps'),
  monthsAgo: z.int().min(0).max(600),
}) satisfies z.ZodType<ReportedLift>;

/** What a trainer writes down about a client; flags have their own resource. */
export const clientFacts = z.object({
  name: line(80),
  calledName: text(40),
  bodyMassG: z
    .int('A body mass in whole grams')
    .min(25_000, 'Between 25 and 300 kg')
    .max(300_000, 'Between 25 and 300 kg'),
  sex: z.enum(['female', 'male', 'unsaid']),
  trainingMonths: z.int().min(0).max(720),
  birthYear: z.int().min(1900).max(2100).nullable(),
  nervous: z.boolean(),
  goal: text(200),
  /** The one line to know before they walk in. */
  brief: text(200),
  reports: z.array(reportedLift).max(20),
});

const pastSet = z.object({
  liftId: slug,
  sessionId: uuid,
  at: instant,
  loadG: load,
  cleanReps: repCount,
  rir: z.int().min(0).max(4).nullable(),
}) satisfies z.ZodType<PastSet>;

const history = z.object({
  plans: z.record(z.string(), liftPlan),
  evidence: z.array(pastSet),
  lastTime: z.record(z.string(), z.array(pastStep)),
  faults: z.record(z.string(), z.array(slug.nullable())),
  lastSessionAt: instant.nullable(),
}) satisfies z.ZodType<ClientHistory>;

/** A client with all that a session is drafted from, so that a device can start one without network. */
export const client = clientFacts.extend({
  id: uuid,
  flags: z.array(flag),
  history,
  /** Whether the signed-in trainer may open the screening answers. */
  mine: z.boolean(),
});

export const booking = z.object({
  id: uuid,
  clientId: uuid,
  trainerId: uuid,
  startsAt: instant,
  minutes: z.int().min(10).max(240),
  /** The session that was run for it, if any. */
  session: z.object({ id: uuid, finished: z.boolean() }).nullable(),
});
export const bookingFacts = booking.pick({ clientId: true, startsAt: true, minutes: true });

const plate = z.object({
  id: uuid,
  massG: load.min(1),
  unit,
  count: z.int().min(0).max(100),
  diameterMm: z.int().min(50).max(600),
  thicknessMm: z.int().min(5).max(150),
}) satisfies z.ZodType<Plate>;
const barbell = z.object({
  id: uuid,
  name: line(60),
  massG: load.min(1),
  unit,
  sleeveMm: z.int().min(50).max(600),
}) satisfies z.ZodType<Barbell>;
const dumbbell = z.object({
  id: uuid,
  massG: load.min(1),
  unit,
  count: z.int().min(0).max(20),
}) satisfies z.ZodType<Dumbbell>;
export const room = z.object({
  id: uuid,
  name: line(80),
  bars: z.array(barbell),
  plates: z.array(plate),
  dumbbells: z.array(dumbbell),
}) satisfies z.ZodType<Room>;

/** A reduced session; its shape is core's. */
export const session = z.looseObject({
  id: uuid,
  clientId: uuid,
  startedAt: instant,
  finishedAt: instant.nullable(),
}) as unknown as z.ZodType<SessionState>;

/** Yes or no to each screening question, with what was added in words. */
export const screening = z.object({
  answers: z.record(slug, z.object({ yes: z.boolean(), note: text(300) })),
  answeredAt: instant.nullable(),
});
export const screeningFacts = z.object({
  answers: screening.shape.answers.refine(
    (answers) => Object.keys(answers).length <= 40,
    'Too many answers',
  ),
});
export const screeningOpening = z.object({
  at: instant,
  trainerId: uuid,
  trainerName: z.string(),
  allowed: z.boolean(),
});

export type Account = z.infer<typeof account>;
export type Trainer = z.infer<typeof trainer>;
export type Studio = z.infer<typeof studio>;
export type Client = z.infer<typeof client>;
export type ClientFacts = z.infer<typeof clientFacts>;
export type Booking = z.infer<typeof booking>;
export type BookingFacts = z.infer<typeof bookingFacts>;
export type Screening = z.infer<typeof screening>;
export type ScreeningOpening = z.infer<typeof screeningOpening>;
