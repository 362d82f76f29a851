import { z } from 'zod';
import { instant, uuid } from '../primitives/values';

/** A copy of the whole database. `problem` is empty for one that is sound. */
export const safetyCopy = z.object({
  id: uuid,
  takenAt: instant,
  bytes: z.int(),
  verifiedAt: instant.nullable(),
  problem: z.string(),
  keptUntil: instant,
  removedAt: instant.nullable(),
  /** Nobody reads it without the key. */
  sealed: z.boolean(),
});

export type SafetyCopy = z.infer<typeof safetyCopy>;
