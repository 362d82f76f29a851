import type { WarmUpPayloads } from '@spalo/core/session';
import { rampMoves } from '@spalo/core/strength';
import { drillStates } from '@spalo/core/warm-up';
import { z } from 'zod';
import { same } from '../primitives/same';
import { slug, text } from '../primitives/values';
import { generalStep, generalSteps, rampChoice, verdict } from '../primitives/warm-up';

export const warmUpPayloads = {
  'drills.marked': same<WarmUpPayloads['drills.marked']>()(
    z.object({ drillIds: z.array(slug).min(1).max(20), state: z.enum(drillStates) }),
  ),
  'drill.swapped': same<WarmUpPayloads['drill.swapped']>()(
    z.object({ drillId: slug, by: generalStep }),
  ),
  'general.planned': same<WarmUpPayloads['general.planned']>()(z.object({ steps: generalSteps })),
  'ramp.chosen': same<WarmUpPayloads['ramp.chosen']>()(rampChoice.extend({ liftId: slug })),
  'ramp.moved': same<WarmUpPayloads['ramp.moved']>()(
    z.object({ liftId: slug, move: z.enum(rampMoves) }),
  ),
  'warm-up.judged': same<WarmUpPayloads['warm-up.judged']>()(
    z.object({ liftId: slug, verdict, note: text(200) }),
  ),
};
