import type {
  ClientHistory,
  DoneDay,
  LiftMemory,
  TimeTaken,
  WarmUpRecord,
} from '@spalo/core/memory';
import { remedyKinds } from '@spalo/core/session';
import {
  bearings,
  dayForms,
  rampMoves,
  type PastSet,
  type SavedBelief,
} from '@spalo/core/strength';
import type { RampHabit } from '@spalo/core/warm-up';
import { z } from 'zod';
import { place } from '../primitives/block';
import { liftPlan, pastStep, rampKind, ownRule } from '../primitives/plan';
import { same } from '../primitives/same';
import { instant, load, repCount, slug, text, uuid } from '../primitives/values';
import { rampChoice, verdict } from '../primitives/warm-up';

export const pastSet = same<PastSet>()(
  z.object({
    id: uuid,
    liftId: slug,
    sessionId: uuid,
    at: instant,
    loadG: load,
    reps: repCount,
    cleanReps: repCount,
    rir: z.int().min(0).max(4).nullable(),
    asked: repCount.optional(),
    dayForm: z.enum(dayForms).optional(),
    rampMove: z.enum(rampMoves).optional(),
    bearing: z.enum(bearings),
  }),
);

const numbers = z.array(z.number());
const savedBelief = same<SavedBelief>()(
  z.object({
    version: z.int(),
    liftIds: z.array(slug),
    atMs: z.number().nullable(),
    mean: numbers,
    halfBillionths: numbers,
    sets: numbers,
    reps: numbers,
    lastMs: numbers,
    aside: z.array(z.tuple([z.int().min(0), z.number()])),
  }),
);

const habit = same<RampHabit>()(
  rampChoice.extend({
    extra: z.int().min(-2).max(2),
    readyInARow: z.int().min(0),
    last: verdict.nullable(),
  }),
);

const warmUpRecord = same<WarmUpRecord>()(
  z.object({
    sessionId: uuid,
    at: instant,
    ramp: rampKind,
    sets: z.array(pastStep).max(40),
    verdict: verdict.nullable(),
    note: text(200),
  }),
);

export const cueTally = z.object({
  helped: z.int().min(0),
  same: z.int().min(0),
  worse: z.int().min(0),
});

const pastMarks = z.object({
  loadG: load,
  reps: repCount,
  cleanReps: repCount.optional(),
  marks: z.array(z.object({ rep: repCount.min(1), faultId: slug })),
});

const liftMemory = same<LiftMemory>()(
  z.object({
    plan: liftPlan.nullable(),
    decided: z
      .object({
        sessionId: uuid,
        at: instant.optional(),
        changed: z.enum(['corrected', 'left out']).nullable(),
        own: z.boolean(),
      })
      .optional(),
    answers: z
      .array(z.object({ sessionId: uuid, share: z.number().min(0), reps: z.int() }))
      .optional(),
    rule: ownRule.optional(),
    lastDone: instant.nullable(),
    lastTime: z.array(pastStep),
    faults: z.array(slug.nullable()),
    habit,
    warmUps: z.array(warmUpRecord),
    cues: z.record(z.string(), cueTally).optional(),
    marked: z
      .array(
        z.object({
          sessionId: uuid,
          at: instant,
          sets: z.array(pastMarks),
          looked: z.array(slug).optional(),
        }),
      )
      .max(12)
      .optional(),
    remedies: z
      .array(z.object({ faultId: slug, kind: z.enum(remedyKinds), text: text(240) }))
      .optional(),
    taught: z.object({ styleId: slug, stepIds: z.array(slug) }).optional(),
    review: z
      .object({
        good: text(300),
        keepOn: text(300),
        change: text(300),
        sessionId: uuid,
        at: instant,
      })
      .optional(),
  }),
);

const doneDay = same<DoneDay>()(
  z.object({
    sessionId: uuid,
    at: instant,
    ...place,
    lifts: z.record(
      z.string(),
      z.object({
        standsFor: slug.optional(),
        loadG: load,
        reps: repCount,
        sets: z.int().min(0),
        asPlanned: z.boolean(),
      }),
    ),
  }),
);

const took = { ruleS: z.int().min(0), tookS: z.int().min(0) };

const timeTaken = same<TimeTaken>()(
  z.object({
    trainerId: uuid,
    general: z.object(took).nullable(),
    lifts: z.array(z.object({ liftId: slug, ...took })),
  }),
);

/** What finished sessions left behind for the next one. */
export const history = same<ClientHistory>()(
  z.object({
    version: z.int(),
    lifts: z.record(z.string(), liftMemory),
    evidence: z.array(pastSet),
    swaps: z.record(z.string(), slug),
    lastSessionAt: instant.nullable(),
    belief: savedBelief.nullable(),
    blocks: z.record(z.string(), z.array(doneDay)).optional(),
    times: z.array(timeTaken).max(8).optional(),
  }),
);
