import {
  jobs,
  rampKinds,
  verdicts,
  type EventEnvelope,
  type EventPayloads,
  type EventType,
  type GeneralStep,
  type Implement,
  type LiftPlan,
  type PastStep,
  type PlannedLift,
  type SessionEvent,
  type SetResult,
  type Step,
  type WarmUpRecord,
} from '@spalo/core';
import { z } from 'zod';
import { instant, line, load, repCount, slug, text, unit, uuid } from './primitives';

export const joint = z.enum([
  'ankle',
  'knee',
  'hip',
  'low back',
  'upper back',
  'neck',
  'shoulder',
  'elbow',
  'wrist',
]);
export const side = z.enum(['left', 'right', 'both', 'none']);
const painPlace = z.enum([...joint.options, 'chest', 'head']);
const painKind = z.enum(['ache', 'sharp', 'numb', 'dizzy', 'chest']);

const repRange = z
  .object({ low: repCount.min(1), high: repCount.min(1) })
  .refine((range) => range.low <= range.high, 'The lowest reps are above the highest');

const hands = z.union([z.literal(1), z.literal(2)]);
export const implement = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('barbell'), barId: uuid }),
  z.object({ kind: z.literal('machine'), machineId: uuid }),
  z.object({ kind: z.literal('dumbbell'), hands }),
  z.object({ kind: z.literal('kettlebell'), hands }),
  z.object({ kind: z.literal('stack'), stackId: uuid }),
  z.object({ kind: z.literal('assisted'), stackId: uuid, bodyG: load }),
  z.object({ kind: z.literal('body'), bodyG: load }),
]) satisfies z.ZodType<Implement>;

const stepKind = z.enum(['warm-up', 'working']);

export const liftPlan = z.object({
  liftId: slug,
  styleId: slug,
  implement,
  repRange,
  reps: repCount.min(1),
  targetRir: z.int().min(0).max(4),
  sets: z.int().min(1).max(12),
  loadG: load,
  focusCueId: slug.nullable(),
  closed: text(300).nullable(),
}) satisfies z.ZodType<LiftPlan>;

export const step = z.object({
  kind: stepKind,
  loadG: load,
  reps: repCount.min(1),
  purpose: text(80),
  restS: z.int().min(0).max(3600),
  plates: z.array(uuid).max(40).optional(),
}) satisfies z.ZodType<Step>;

export const pastStep = z.object({
  kind: stepKind,
  loadG: load,
  reps: repCount,
}) satisfies z.ZodType<PastStep>;

const rampKind = z.enum(rampKinds);
const primer = z.enum(['none', 'working', 'over']);
export const rampChoice = z.object({ kind: rampKind.nullable(), primer: primer.nullable() });
export const verdict = z.enum(verdicts);
export const warmUpRecord = z.object({
  sessionId: uuid,
  at: instant,
  ramp: rampKind,
  sets: z.array(pastStep).max(40),
  verdict: verdict.nullable(),
  note: text(200),
}) satisfies z.ZodType<WarmUpRecord>;

export const generalStep = z.object({
  drillId: slug,
  job: z.enum(jobs),
  seconds: z.int().min(1).max(3600),
  rounds: z.int().min(1).max(5),
  reps: repCount.min(1).nullable(),
  why: text(200),
}) satisfies z.ZodType<GeneralStep>;
const generalSteps = z.array(generalStep).max(20);

const finite = z.number().min(0).max(10_000_000);

export const plannedLift = liftPlan.extend({
  ramp: rampKind,
  rampWhy: text(300).optional(),
  primer: primer.optional(),
  steps: z.array(step).min(1).max(30),
  why: text(300),
  belief: z.object({ mean: finite, low: finite, high: finite }).nullable(),
  lastTime: z.array(pastStep).max(40),
  certainty: z.enum(['known', 'related', 'reported', 'guessed']).optional(),
  climb: z.boolean().optional(),
}) satisfies z.ZodType<PlannedLift>;

const mark = z.object({ rep: repCount.min(1), faultId: slug });

const setResult = z.object({
  loadG: load,
  reps: repCount,
  cleanReps: repCount,
  marks: z.array(mark).max(100),
  rir: z.int().min(0).max(4).nullable(),
}) satisfies z.ZodType<SetResult>;

/** What a set's numbers must agree on. */
const agrees = (set: SetResult) =>
  set.cleanReps <= set.reps && set.marks.every((each) => each.rep <= set.reps);
const DISAGREES = 'Clean reps and marked reps cannot pass the reps done';

const payloads = {
  'session.started': z.object({
    clientId: uuid,
    bookingId: uuid.nullable(),
    roomId: uuid,
    unit,
    lifts: z.array(plannedLift).max(20),
    general: generalSteps.optional(),
  }),
  'drills.marked': z.object({
    drillIds: z.array(slug).min(1).max(20),
    state: z.enum(['open', 'done', 'skipped']),
  }),
  'drill.swapped': z.object({ drillId: slug, by: generalStep }),
  'general.planned': z.object({ steps: generalSteps }),
  'ramp.chosen': rampChoice.extend({ liftId: slug }),
  'warm-up.judged': z.object({ liftId: slug, verdict, note: text(200) }),
  'lift.added': z.object({ lift: plannedLift }),
  'lift.skipped': z.object({ liftId: slug, skipped: z.boolean(), reason: text(200).nullable() }),
  'set.logged': setResult
    .extend({
      liftId: slug,
      step: z.int().min(0).max(60),
      kind: stepKind,
      proposed: z.object({ loadG: load, reps: repCount }),
    })
    .refine(agrees, DISAGREES),
  'set.corrected': setResult.extend({ setId: uuid }).refine(agrees, DISAGREES),
  'set.voided': z.object({ setId: uuid, voided: z.boolean() }),
  'set.judged': z.object({
    setId: uuid,
    representative: z.boolean(),
    reason: text(200).nullable(),
  }),
  'cue.given': z.object({ liftId: slug, cueId: slug }),
  'pain.reported': z.object({
    liftId: slug,
    place: painPlace,
    side,
    score: z.int().min(0).max(10),
    kind: painKind,
  }),
  'pain.withdrawn': z.object({ painId: uuid }),
  'plan.adjusted': z.object({
    liftId: slug,
    fromStep: z.int().min(0).max(60),
    steps: z.array(step).max(30),
    reason: line(200),
  }),
  'suggestion.answered': z.object({
    liftId: slug,
    proposed: liftPlan,
    chosen: liftPlan,
    accepted: z.boolean(),
    why: text(300),
    reason: text(200).nullable(),
  }),
  'note.added': z.object({ liftId: slug.nullable(), text: line(500) }),
  'session.finished': z.strictObject({}),
  'session.reopened': z.strictObject({}),
} satisfies { [T in EventType]: z.ZodType<EventPayloads[T]> };

const envelope = {
  id: z.uuidv7('Event ids are UUIDs of version 7'),
  sessionId: uuid,
  at: instant,
  author: uuid,
  device: uuid,
} satisfies { [K in keyof EventEnvelope]: z.ZodType };

const variant = <T extends EventType>(type: T) =>
  z.object({ ...envelope, type: z.literal(type), payload: payloads[type] });

/** One entry of the session log. */
export const sessionEvent = z.discriminatedUnion('type', [
  variant('session.started'),
  variant('drills.marked'),
  variant('drill.swapped'),
  variant('general.planned'),
  variant('ramp.chosen'),
  variant('warm-up.judged'),
  variant('lift.added'),
  variant('lift.skipped'),
  variant('set.logged'),
  variant('set.corrected'),
  variant('set.voided'),
  variant('set.judged'),
  variant('cue.given'),
  variant('pain.reported'),
  variant('pain.withdrawn'),
  variant('plan.adjusted'),
  variant('suggestion.answered'),
  variant('note.added'),
  variant('session.finished'),
  variant('session.reopened'),
]) as unknown as z.ZodType<SessionEvent, SessionEvent>;

export const eventTypes = Object.keys(payloads) as EventType[];
