import type { LiftPayloads } from '@spalo/core';
import { z } from 'zod';
import { plannedLift } from '../primitives/plan';
import { same } from '../primitives/same';
import { slug, text } from '../primitives/values';

export const liftPayloads = {
  'lift.added': same<LiftPayloads['lift.added']>()(z.object({ lift: plannedLift })),
  'lift.skipped': same<LiftPayloads['lift.skipped']>()(
    z.object({ liftId: slug, skipped: z.boolean(), reason: text(200).nullable() }),
  ),
};
