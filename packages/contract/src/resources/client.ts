import { muscles } from '@spalo/core/lift';
import {
  cautionKinds,
  flagDegrees,
  type ImportedLift,
  type Override,
  type Person,
  preferences,
  rangeIds,
  type ReportedLift,
  sexes,
  surenesses,
  type TurnedDown,
  turnedDownReasons,
  type Wishes,
} from '@spalo/core/person';
import { bodyRanges } from '@spalo/core/warm-up';
import { z } from 'zod';
import { same } from '../primitives/same';
import {
  day,
  happenedAt,
  happenedOn,
  instant,
  line,
  load,
  repCount,
  slug,
  text,
  uuid,
} from '../primitives/values';
import { email } from './account';
import { block } from './block';
import { flag } from './flag';
import { history } from './history';
import { bodyMass, measurement } from './measurement';

const reportedLift = same<ReportedLift>()(
  z.object({
    liftId: slug,
    loadG: load.min(500, 'At least half a kilo'),
    reps: repCount.min(1, 'At least one rep').max(50, 'At most 50 reps'),
    monthsAgo: z.int().min(0).max(600),
    sure: z.enum(surenesses),
  }),
);

/** What imported logs say of a lift; see `core/person/imported.ts`. */
const importedLift = same<ImportedLift>()(
  z.object({ liftId: slug, loadG: load, reps: repCount, on: day, days: z.int().min(1) }),
);

const override = same<Override>()(
  z.object({
    liftId: slug,
    range: z.enum(rangeIds).nullable(),
    reason: line(200),
    flagId: uuid.optional(),
    degree: z.enum(flagDegrees).optional(),
    caution: z.enum(cautionKinds).optional(),
    at: happenedAt,
    by: uuid,
  }),
);

const turnedDown = same<TurnedDown>()(
  z
    .object({
      from: day,
      to: day,
      reason: z.enum(turnedDownReasons),
      roomId: uuid.optional(),
      away: z.literal(true).optional().describe('Nothing is trained: not lighter, but away'),
    })
    .refine(({ from, to }) => from <= to, { path: ['to'], message: 'Ends before it begins' })
    .refine(({ away, roomId }) => !(away && roomId), {
      path: ['roomId'],
      message: 'Who is away trains in no room',
    }),
);

const wishes = same<Wishes>()(
  z.object({
    sessionsAWeek: z.int().min(1).max(7).optional(),
    focus: z.array(z.enum(muscles)).max(6, 'At most six muscles'),
    liked: z.array(slug).max(100),
    disliked: z.array(slug).max(100),
  }),
);

const segment = z.int().min(100, 'At least 100 mm').max(1200, 'At most 1200 mm');

/** Lengths of the body, for the computed set-up. */
const segments = z.object({
  thighMm: segment,
  shinMm: segment,
  trunkMm: segment,
  armMm: segment,
  /** How they were got; absent: by tape. */
  by: z.enum(['tape', 'still']).optional(),
  /** How far the toes stand from a wall that the knee still touches, mm; absent where it was not measured. */
  kneeToWallMm: z.int().min(0).max(300, 'At most 30 cm').optional(),
});

/** What a trainer writes down about a client; flags and measurements have their own resources. */
export const clientFacts = z.object({
  name: line(80),
  calledName: text(40),
  phone: text(40),
  email: z.union([z.literal(''), email]),
  birthDate: happenedOn.nullable(),
  bodyMassG: bodyMass,
  heightMm: z.int().min(900, 'Between 90 and 240 cm').max(2400, 'Between 90 and 240 cm').nullable(),
  sex: z.enum(sexes),
  trainingMonths: z.int().min(0).max(720),
  nervous: z.boolean(),
  preference: z.enum(preferences),
  goal: text(200),
  availability: text(200),
  /** The one line to know before they walk in. */
  brief: text(200),
  emergencyContact: text(200),
  /** When the client agreed that health data is kept; null when they have not. */
  consentAt: happenedAt.nullable(),
  /** When the client agreed to be filmed; null when they have not, absent from devices that know no films. */
  filmConsentAt: happenedAt.nullable().optional(),
  /** When the client agreed to be touched for a cue; null when they have not, absent from devices that do not ask. */
  touchConsentAt: happenedAt.nullable().optional(),
  /** Who answers for a client under 18, and when they agreed; absent from devices that do not ask. */
  guardian: text(120).optional(),
  guardianConsentAt: happenedAt.nullable().optional(),
  /** When the screening questions were asked again and nothing had changed; absent likewise. */
  askedAgainAt: happenedAt.nullable().optional(),
  squatLook: z.enum(['knees forward', 'hips back']).nullable(),
  segments: segments.nullable(),
  /** Places and directions that move less than lifts ask for; the general warm-up opens them. */
  stiff: z.array(z.enum(bodyRanges)).max(bodyRanges.length),
  reports: z.array(reportedLift).max(20),
  /** Lifts of their sessions; empty for the usual ones. */
  programme: z.array(slug).max(12),
  overrides: z.array(override).max(100),
  /** Weeks in which less is planned; absent where nobody wrote any down. */
  turnedDown: z.array(turnedDown).max(60).optional(),
  /** What they want of their weeks; absent where nobody wrote it down. */
  wishes: wishes.optional(),
  /** Kept, but no longer in the list; null for a client who comes. */
  archivedAt: happenedAt.nullable(),
});

/** A client as lists show them: who they are and what bears on them, but for what grows with every session. */
export const listedClient = clientFacts.extend({
  id: uuid,
  /** When the months of training were as many as they are: they go on from there. */
  trainingMonthsAt: instant,
  flags: z.array(flag),
  /** What screening limits, without the answers. */
  cautions: z.array(z.enum(cautionKinds)),
  /** Whether the screening questions were answered. */
  screened: z.boolean(),
  /** When they were last asked; absent in what was fetched before it was kept. */
  screenedAt: instant.nullable().optional(),
  /** The day of the newest body mass; null where none was measured. */
  measuredOn: happenedOn.nullable(),
  /** What imported logs say they lifted; absent in what was fetched before there were any. */
  imported: z.array(importedLift).optional(),
  lastSessionAt: instant.nullable(),
  /** Another word whenever their history or measurements have changed. */
  mark: z.string(),
  /** Trainers who coach them; absent in what was fetched before it was told, and for who was added here and not yet sent. */
  coaches: z.array(uuid).optional(),
  /** Whether the signed-in trainer may open the screening answers. */
  mine: z.boolean(),
}) satisfies z.ZodType<Person>;

/** What a client's sessions and measurements came to, as of `mark`. */
const clientPast = z.object({
  mark: z.string(),
  history,
  measurements: z.array(measurement),
  /** Their blocks, the latest started first; absent in what was fetched before there were any. */
  blocks: z.array(block).optional(),
});

/** A client with all that a session is drafted from. */
export const client = listedClient.extend(clientPast.shape);

/** Who coaches a client from now on: somebody does. */
export const coachesOf = z.object({
  trainerIds: z.array(uuid).min(1, 'Somebody coaches them').max(50),
});

export type ListedClient = z.infer<typeof listedClient>;
export type ClientPast = z.infer<typeof clientPast>;

export type Client = z.infer<typeof client>;
export type ClientFacts = z.infer<typeof clientFacts>;
export type Segments = z.infer<typeof segments>;
