import { z } from 'zod';

/** What a stream message says: where the log stands, or which resources changed. */
export const streamMessage = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('log'), cursor: z.string() }),
  z.object({
    kind: z.literal('changed'),
    what: z.enum(['clients', 'bookings', 'rooms', 'trainers', 'own-lifts', 'templates', 'studio']),
  }),
]);
export type StreamMessage = z.infer<typeof streamMessage>;
