import type { LiftPayloads } from '@spalo/core/session';
import { z } from 'zod';
import { liftPlan, plannedLift } from '../primitives/plan';
import { same } from '../primitives/same';
import { slug, text } from '../primitives/values';

export const liftPayloads = {
  'lift.added': same<LiftPayloads['lift.added']>()(z.object({ lift: plannedLift })),
  'lift.skipped': same<LiftPayloads['lift.skipped']>()(
    z.object({ liftId: slug, skipped: z.boolean(), reason: text(200).nullable() }),
  ),
  'lift.swapped': same<LiftPayloads['lift.swapped']>()(z.object({ liftId: slug, by: plannedLift })),
  'lifts.ordered': same<LiftPayloads['lifts.ordered']>()(
    z.object({ liftIds: z.array(slug).min(1).max(40) }),
  ),
  'lifts.paired': same<LiftPayloads['lifts.paired']>()(
    z.object({ liftIds: z.tuple([slug, slug]), paired: z.boolean() }),
  ),
  'lift.changed': same<LiftPayloads['lift.changed']>()(
    liftPlan.pick({ sets: true, reps: true, targetRir: true }).extend({ liftId: slug }),
  ),
};
