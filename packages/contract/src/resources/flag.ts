import { flagDegrees, flagPlaces, flagStates, type Flag } from '@spalo/core/person';
import { z } from 'zod';
import { side } from '../primitives/body';
import { same } from '../primitives/same';
import { happenedOn, text, uuid } from '../primitives/values';

export const flag = same<Flag>()(
  z.object({
    id: uuid,
    place: z.enum(flagPlaces),
    side,
    note: text(300),
    fine: text(300),
    since: happenedOn.nullable(),
    saidBy: text(200),
    state: z.enum(flagStates),
    usualPain: z.int().min(0).max(10),
    degree: z.enum(flagDegrees).optional(),
    worst: z.int().min(0).max(10).optional(),
    closedOn: happenedOn.optional(),
  }),
);
export const flagFacts = flag.omit({ id: true });
