import { remedyKinds, type CuePayloads } from '@spalo/core/session';
import { cueOutcomes } from '@spalo/core/technique';
import { z } from 'zod';
import { same } from '../primitives/same';
import { line, slug } from '../primitives/values';

export const cuePayloads = {
  'cue.given': same<CuePayloads['cue.given']>()(z.object({ liftId: slug, cueId: slug })),
  'style.chosen': same<CuePayloads['style.chosen']>()(
    z.object({ liftId: slug, styleId: slug, cueId: slug }),
  ),
  'cue.judged': same<CuePayloads['cue.judged']>()(
    z.object({
      liftId: slug,
      cueId: slug,
      faultId: slug.nullable(),
      outcome: z.enum(cueOutcomes),
    }),
  ),
  'remedy.taken': same<CuePayloads['remedy.taken']>()(
    z.object({ liftId: slug, faultId: slug, kind: z.enum(remedyKinds), text: line(240) }),
  ),
};
