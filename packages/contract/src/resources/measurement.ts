import { z } from 'zod';
import { happenedOn, uuid } from '../primitives/values';

/** In whole grams. */
export const bodyMass = z
  .int('A body mass in whole grams')
  .min(25_000, 'Between 25 and 300 kg')
  .max(300_000, 'Between 25 and 300 kg');

export const measurement = z.object({
  id: uuid,
  day: happenedOn,
  bodyMassG: bodyMass,
  /** It was a mistake: kept, and of no account. */
  removed: z.boolean().default(false),
});
export const measurementFacts = measurement.omit({ id: true });

export type Measurement = z.infer<typeof measurement>;
