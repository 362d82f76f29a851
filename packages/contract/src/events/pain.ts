import { flagDegrees, flagPlaces } from '@spalo/core/person';
import { dayAfters, painKinds, painPlaces, type PainPayloads } from '@spalo/core/session';
import { z } from 'zod';
import { side } from '../primitives/body';
import { same } from '../primitives/same';
import { load, slug, text, uuid } from '../primitives/values';

export const painPayloads = {
  'pain.reported': same<PainPayloads['pain.reported']>()(
    z.object({
      liftId: slug,
      place: z.enum(painPlaces),
      side,
      score: z.int().min(0).max(10),
      kind: z.enum(painKinds),
    }),
  ),
  'flag.met': same<PainPayloads['flag.met']>()(
    z.object({
      liftId: slug,
      flagId: uuid,
      degree: z.enum(flagDegrees),
      eased: z.object({ place: z.enum(flagPlaces), fromG: load, loadG: load }).nullable(),
      reason: text(200).nullable(),
    }),
  ),
  'day-after.told': same<PainPayloads['day-after.told']>()(
    z.object({ liftId: slug, how: z.enum(dayAfters) }),
  ),
  'pain.withdrawn': same<PainPayloads['pain.withdrawn']>()(z.object({ painId: uuid })),
};
