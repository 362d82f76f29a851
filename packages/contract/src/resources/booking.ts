import { bookingStates, type Arranged, type SessionLift } from '@spalo/core/planning';
import { z } from 'zod';
import { same } from '../primitives/same';
import { instant, slug, text, uuid } from '../primitives/values';

/** A lift that a session was built with. */
const sessionLift = same<SessionLift>()(
  z.object({
    liftId: slug,
    sets: z.int().min(1, 'At least one set').max(12, 'At most 12 sets'),
  }),
);

/** Lifts of a built session, each once. */
export const sessionLifts = z
  .array(sessionLift)
  .min(1, 'At least one lift')
  .max(16, 'At most 16 lifts')
  .refine((lifts) => new Set(lifts.map(({ liftId }) => liftId)).size === lifts.length, {
    message: 'A lift stands twice in it',
  });

/** How its session gives way to others of its hour. */
const arranged = same<Arranged>()(
  z.object({
    order: z.array(slug).max(24, 'At most 24 lifts'),
    bars: z.array(z.object({ liftId: slug, barId: uuid })).max(24, 'At most 24 bars'),
  }),
);

/** The repeated booking that one belongs to: its id, and its rule (RFC 5545, "FREQ=WEEKLY;COUNT=8"). */
const series = z.object({ id: uuid, rule: text(200) });

/** What a trainer writes down about a booking. What is absent stays as it was; on a new one it is as said here. */
export const bookingFacts = z.object({
  clientId: uuid,
  startsAt: instant,
  minutes: z.int().min(10).max(240),
  /** Who coaches; absent: who books. */
  trainerId: uuid.optional(),
  /** Whether they come, came, or not; absent: booked. */
  state: z.enum(bookingStates).optional(),
  /** The session that was built for it; null for the client’s own lifts. */
  lifts: sessionLifts.nullable().optional(),
  /** How it gives way to others of its hour; null where it does not. */
  arranged: arranged.nullable().optional(),
  /** Where; null for the room at hand. */
  roomId: uuid.nullable().optional(),
  series: series.nullable().optional(),
});

export const booking = bookingFacts.extend({
  id: uuid,
  trainerId: uuid,
  /** The session that was run for it, if any. */
  session: z.object({ id: uuid, finished: z.boolean() }).nullable(),
});

/** How many bookings can be put at once: a year of two a week, and some. */
const MOST_BOOKINGS = 120;

/** Bookings with their ids, each once. */
export const manyBookings = z
  .array(bookingFacts.extend({ id: uuid }))
  .min(1, 'At least one booking')
  .max(MOST_BOOKINGS, `At most ${MOST_BOOKINGS} bookings at once`)
  .refine((all) => new Set(all.map(({ id }) => id)).size === all.length, {
    message: 'A booking stands twice in it',
  });

export type Booking = z.infer<typeof booking>;
export type BookingFacts = z.infer<typeof bookingFacts>;
