import { z } from 'zod';
import { uuid } from '../primitives/values';

/** What a stream message says: where the log stands, which resources changed, or who has signed in. */
export const streamMessage = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('log'), cursor: z.string() }),
  z.object({
    kind: z.literal('changed'),
    what: z.enum(['clients', 'bookings', 'rooms', 'trainers', 'own-lifts', 'templates', 'studio']),
  }),
  /** A trainer has signed in somewhere: their other devices say so. */
  z.object({ kind: z.literal('signed-in'), trainerId: uuid, browser: z.string() }),
]);
export type StreamMessage = z.infer<typeof streamMessage>;
