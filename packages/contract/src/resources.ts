import {
  bodyRanges,
  type Caution,
  type ClientHistory,
  type Flag,
  type Override,
  type PastSet,
  type Person,
  type ReportedLift,
  type SavedBelief,
  type SessionState,
} from '@spalo/core';
import { z } from 'zod';
import { joint, liftPlan, pastStep, rampChoice, side, verdict, warmUpRecord } from './events';
import { day, instant, line, load, repCount, slug, text, unit, uuid } from './primitives';

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
  fine: text(300),
  since: day.nullable(),
  saidBy: text(200),
  state: z.enum(['new', 'watched', 'cleared', 'closed']),
  usualPain: z.int().min(0).max(10),
}) satisfies z.ZodType<Flag>;

export const reportedLift = z.object({
  liftId: slug,
  loadG: load.min(500, 'At least half a kilo'),
  reps: repCount.min(1, 'At least one rep').max(50, 'At most 50 reps'),
  monthsAgo: z.int().min(0).max(600),
  sure: z.enum(['sure', 'about', 'guess']),
}) satisfies z.ZodType<ReportedLift>;

export const override = z.object({
  liftId: slug,
  range: z.enum(['1-5', '6-7', '8-12', '13-20']).nullable(),
  reason: line(200),
  at: instant,
  by: uuid,
}) satisfies z.ZodType<Override>;

const caution = z.enum([
  'exhale',
  'no low reps',
  'clearance',
  'slow changes',
  'long rests',
  'light start',
  'not lying flat',
  'reserve not pulse',
  'forbidden',
]) satisfies z.ZodType<Caution>;

const bodyMass = z
  .int('A body mass in whole grams')
  .min(25_000, 'Between 25 and 300 kg')
  .max(300_000, 'Between 25 and 300 kg');
const segment = z.int().min(100, 'At least 100 mm').max(1200, 'At most 1200 mm');

/** Lengths of the body, for the computed set-up. */
export const segments = z.object({
  thighMm: segment,
  shinMm: segment,
  trunkMm: segment,
  armMm: segment,
});

/** What a trainer writes down about a client; flags and measurements have their own resources. */
export const clientFacts = z.object({
  name: line(80),
  calledName: text(40),
  phone: text(40),
  email: z.union([z.literal(''), email]),
  birthDate: day.nullable(),
  bodyMassG: bodyMass,
  heightMm: z.int().min(900, 'Between 90 and 240 cm').max(2400, 'Between 90 and 240 cm').nullable(),
  sex: z.enum(['female', 'male', 'unsaid']),
  trainingMonths: z.int().min(0).max(720),
  nervous: z.boolean(),
  preference: z.enum(['strength', 'size', 'endurance', 'none']),
  goal: text(200),
  availability: text(200),
  /** The one line to know before they walk in. */
  brief: text(200),
  emergencyContact: text(200),
  /** When the client agreed that health data is kept; null when they have not. */
  consentAt: instant.nullable(),
  squatLook: z.enum(['knees forward', 'hips back']).nullable(),
  segments: segments.nullable(),
  /** Places and directions that move less than lifts ask for; the general warm-up opens them. */
  stiff: z.array(z.enum(bodyRanges)).max(bodyRanges.length),
  reports: z.array(reportedLift).max(20),
  /** Lifts of their sessions; empty for the usual ones. */
  programme: z.array(slug).max(12),
  overrides: z.array(override).max(100),
  /** Kept, but no longer in the list; null for a client who comes. */
  archivedAt: instant.nullable(),
});

export const measurement = z.object({ id: uuid, day, bodyMassG: bodyMass });
export const measurementFacts = measurement.omit({ id: true });

export const pastSet = z.object({
  id: uuid,
  liftId: slug,
  sessionId: uuid,
  at: instant,
  loadG: load,
  reps: repCount,
  cleanReps: repCount,
  rir: z.int().min(0).max(4).nullable(),
  standing: z.enum(['counts', 'bound', 'left out']),
}) satisfies z.ZodType<PastSet>;

const numbers = z.array(z.number());
const savedBelief = z.object({
  version: z.int(),
  liftIds: z.array(slug),
  atMs: z.number().nullable(),
  mean: numbers,
  halfMillionths: numbers,
  sets: numbers,
  reps: numbers,
  lastMs: numbers,
}) satisfies z.ZodType<SavedBelief>;

const history = z.object({
  plans: z.record(z.string(), liftPlan),
  evidence: z.array(pastSet),
  lastTime: z.record(z.string(), z.array(pastStep)),
  lastDone: z.record(z.string(), instant),
  faults: z.record(z.string(), z.array(slug.nullable())),
  habits: z.record(
    z.string(),
    rampChoice.extend({
      extra: z.int().min(-2).max(2),
      readyInARow: z.int().min(0),
      last: verdict.nullable(),
    }),
  ),
  warmUps: z.record(z.string(), z.array(warmUpRecord)),
  swaps: z.record(z.string(), slug),
  lastSessionAt: instant.nullable(),
  belief: savedBelief.nullable(),
}) satisfies z.ZodType<ClientHistory>;

/** A client with all that a session is drafted from, so that a device can start one without network. */
export const client = clientFacts.extend({
  id: uuid,
  flags: z.array(flag),
  /** What screening limits, without the answers. */
  cautions: z.array(caution),
  /** Whether the screening questions were answered. */
  screened: z.boolean(),
  measurements: z.array(measurement),
  history,
  /** Whether the signed-in trainer may open the screening answers. */
  mine: z.boolean(),
}) satisfies z.ZodType<Person>;

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

/** A reduced session; its shape is core's. */
export const session = z.looseObject({
  id: uuid,
  clientId: uuid,
  startedAt: instant,
  finishedAt: instant.nullable(),
}) as unknown as z.ZodType<SessionState>;

/** Yes or no to each screening question, with what was added in words and who cleared it. */
export const screening = z.object({
  answers: z.record(
    slug,
    z
      .object({
        yes: z.boolean(),
        note: text(300),
        clearedBy: text(200),
        clearedOn: day.nullable(),
      })
      .refine((answer) => (answer.clearedBy === '') === (answer.clearedOn === null), {
        path: ['clearedBy'],
        message: 'Clearance needs who gave it and the day',
      }),
  ),
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
export type Measurement = z.infer<typeof measurement>;
export type Segments = z.infer<typeof segments>;
export type Booking = z.infer<typeof booking>;
export type BookingFacts = z.infer<typeof bookingFacts>;
export type Screening = z.infer<typeof screening>;
export type ScreeningOpening = z.infer<typeof screeningOpening>;
