import { heldCounts, type RepRange } from '@spalo/core/lift';
import { flagPlaces } from '@spalo/core/person';
import type { Implement } from '@spalo/core/room';
import {
  ceilingReasons,
  schemeNames,
  stepKinds,
  type LiftPlan,
  type OwnRule,
  type PastStep,
  type PlannedLift,
  type Step,
} from '@spalo/core/session';
import { certainties } from '@spalo/core/strength';
import { primers, rampKinds } from '@spalo/core/warm-up';
import { z } from 'zod';
import { blockDay, wayBack } from './block';
import { same } from './same';
import { load, repCount, slug, text, uuid } from './values';
import { reasons, why } from './why';

const repRange = same<RepRange>()(
  z
    .object({ low: repCount.min(1), high: repCount.min(1) })
    .refine((range) => range.low <= range.high, 'The lowest reps are above the highest'),
);

const hands = z.union([z.literal(1), z.literal(2)]);
const implement = same<Implement>()(
  z.discriminatedUnion('kind', [
    z.object({ kind: z.literal('barbell'), barId: uuid }),
    z.object({ kind: z.literal('machine'), machineId: uuid }),
    z.object({ kind: z.literal('dumbbell'), hands }),
    z.object({ kind: z.literal('kettlebell'), hands }),
    z.object({ kind: z.literal('stack'), stackId: uuid }),
    z.object({ kind: z.literal('assisted'), stackId: uuid, bodyG: load }),
    z.object({ kind: z.literal('body'), bodyG: load }),
  ]),
);

export const liftPlan = same<LiftPlan>()(
  z.object({
    liftId: slug,
    styleId: slug,
    implement,
    repRange,
    reps: repCount.min(1),
    counted: z.enum(heldCounts).optional(),
    targetRir: z.int().min(0).max(4),
    sets: z.int().min(1).max(12),
    loadG: load,
    focusCueId: slug.nullable(),
    closed: why.nullable(),
    pairedWith: slug.optional(),
    cell: blockDay.optional(),
    heavyG: load.optional(),
    wayBack: wayBack.optional(),
    stepDown: slug.optional(),
    scheme: z.enum(schemeNames).optional(),
    misses: z.object({ inARow: z.int().min(0).max(9), setBacks: z.int().min(0).max(9) }).optional(),
  }),
);

export const step = same<Step>()(
  z.object({
    kind: z.enum(stepKinds),
    loadG: load,
    reps: repCount.min(1),
    purpose: text(80),
    restS: z.int().min(0).max(3600),
    plates: z.array(uuid).max(40).optional(),
  }),
);

export const pastStep = same<PastStep>()(
  z.object({ kind: z.enum(stepKinds), loadG: load, reps: repCount }),
);

/** How proposals for a lift are changed. */
export const ownRule = same<OwnRule>()(
  z.object({ share: z.number().min(0.8).max(1.05), reps: z.int().min(-3).max(3) }),
);

export const rampKind = z.enum(rampKinds);
export const primer = z.enum(primers);

const finite = z.number().min(0).max(10_000_000);

export const plannedLift = same<PlannedLift>()(
  liftPlan.extend({
    ramp: rampKind,
    rampReasons: reasons.optional(),
    rampWhy: text(300).optional(),
    primer: primer.optional(),
    steps: z.array(step).min(1).max(30),
    why,
    belief: z.object({ mean: finite, low: finite, high: finite }).nullable(),
    lastTime: z.array(pastStep).max(40),
    certainty: z.enum(certainties).optional(),
    again: z.object({ loadG: load, reps: repCount.min(1), why }).optional(),
    climb: z.boolean().optional(),
    standsFor: slug.optional(),
    turnedDown: z.object({ sets: z.int().min(1).max(12), loadG: load }).optional(),
    eased: z.object({ loadG: load, place: z.enum(flagPlaces) }).optional(),
    onlySide: z.enum(['left', 'right']).optional(),
    ceiling: z.object({ loadG: load, reason: z.enum(ceilingReasons) }).optional(),
  }),
);
