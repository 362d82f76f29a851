import { stepKinds, type Mark, type SetPayloads, type SetResult } from '@spalo/core/session';
import { z } from 'zod';
import { same } from '../primitives/same';
import { load, repCount, slug, text, uuid } from '../primitives/values';

const mark = same<Mark>()(
  z.object({ rep: repCount.min(1), faultId: slug, styleId: slug.optional() }),
);

const setResult = same<SetResult>()(
  z.object({
    loadG: load,
    reps: repCount,
    cleanReps: repCount,
    marks: z.array(mark).max(100),
    rir: z.int().min(0).max(4).nullable(),
  }),
);

/** What a set's numbers must agree on. */
const agrees = (set: SetResult) =>
  set.cleanReps <= set.reps && set.marks.every((each) => each.rep <= set.reps);
const DISAGREES = 'Clean reps and marked reps cannot pass the reps done';

export const setPayloads = {
  'set.logged': same<SetPayloads['set.logged']>()(
    setResult
      .extend({
        liftId: slug,
        step: z.int().min(0).max(60),
        kind: z.enum(stepKinds),
        proposed: z.object({ loadG: load, reps: repCount }),
      })
      .refine(agrees, DISAGREES),
  ),
  'set.corrected': same<SetPayloads['set.corrected']>()(
    setResult.extend({ setId: uuid }).refine(agrees, DISAGREES),
  ),
  'set.voided': same<SetPayloads['set.voided']>()(z.object({ setId: uuid, voided: z.boolean() })),
  'set.judged': same<SetPayloads['set.judged']>()(
    z.object({ setId: uuid, representative: z.boolean(), reason: text(200).nullable() }),
  ),
  'set.told-apart': same<SetPayloads['set.told-apart']>()(z.object({ setId: uuid })),
};
