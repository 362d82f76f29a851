import { z } from 'zod';
import { instant, uuid } from '../primitives/values';

export const booking = z.object({
  id: uuid,
  clientId: uuid,
  trainerId: uuid,
  startsAt: instant,
  minutes: z.int().min(10).max(240),
  /** The session that was run for it, if any. */
  session: z.object({ id: uuid, finished: z.boolean() }).nullable(),
});
export const bookingFacts = booking.pick({ clientId: true, startsAt: true, minutes: true });

export type Booking = z.infer<typeof booking>;
