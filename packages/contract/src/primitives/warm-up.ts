import { jobs, verdicts, type GeneralStep, type RampChoice } from '@spalo/core/warm-up';
import { z } from 'zod';
import { primer, rampKind } from './plan';
import { same } from './same';
import { repCount, slug } from './values';
import { why } from './why';

export const rampChoice = same<RampChoice>()(
  z.object({ kind: rampKind.nullable(), primer: primer.nullable() }),
);
export const verdict = z.enum(verdicts);

export const generalStep = same<GeneralStep>()(
  z.object({
    drillId: slug,
    job: z.enum(jobs),
    seconds: z.int().min(1).max(3600),
    rounds: z.int().min(1).max(5),
    reps: repCount.min(1).nullable(),
    why,
  }),
);
export const generalSteps = z.array(generalStep).max(20);
