import { z } from 'zod';
import { instant, line, slug, unit, uuid } from '../primitives/values';

export const role = z.enum(['owner', 'trainer']);
export const email = z
  .string()
  .trim()
  .toLowerCase()
  .max(200)
  .pipe(z.email('Not an e-mail address'));
/** Long enough that guessing is slow; no rules about characters. Easily guessed ones are refused by the server. */
export const newPassword = z
  .string()
  .min(10, 'At least 10 characters')
  .max(200, 'At most 200 characters')
  .refine((value) => value.trim().length >= 10, 'At least 10 characters besides spaces around it');

export const trainer = z.object({ id: uuid, name: line(80), email, role });

/** A trainer as the studio's list has them: invited until the link was used; who has left stays under their name. */
export const colleague = trainer.extend({ standing: z.enum(['active', 'invited', 'left']) });

/** A link that works once, shown to the owner who made it and to nobody else. */
export const oneTimeLink = z.object({
  token: z.string(),
  kind: z.enum(['invitation', 'reset']),
  expiresAt: instant,
});

/** A browser that a trainer is signed in with. */
export const signIn = z.object({
  id: uuid,
  browser: z.string(),
  createdAt: instant,
  current: z.boolean(),
});
/** A zone that clocks know. */
export const zone = line(60).refine((name) => {
  try {
    return Boolean(new Intl.DateTimeFormat('en', { timeZone: name }));
  } catch {
    return false;
  }
}, 'Not a known time zone');

/** What a studio sets for itself. */
export const studioFacts = z.object({
  name: line(80),
  unit,
  zone,
  /** The first day of the week: 1 for Monday, 0 for Sunday, 6 for Saturday. */
  weekStart: z.union([z.literal(1), z.literal(0), z.literal(6)]),
  /** The room that a device begins with; null for the first by name. */
  roomId: uuid.nullable(),
  /** How long a session is booked for, where nothing else is said. */
  bookingMinutes: z.int().min(10, 'At least 10 minutes').max(240, 'At most 240 minutes'),
  /** What is dialled for help. */
  emergencyNumber: z
    .string()
    .trim()
    .regex(/^\+?[0-9 ]{2,20}$/, 'A number as it is dialled, as 112'),
  /** Whose clients trainers who do not own the studio see and change: everybody’s, or those they coach. */
  trainersSee: z.enum(['all', 'own']).default('all'),
  /** The studio’s own words for screening questions, by the question. */
  screeningWords: z.record(slug, line(300)),
});

/** As devices hold it; what came after the first version is absent in what they kept before. */
const studio = z.object({
  id: uuid,
  ...studioFacts.pick({ name: true, unit: true }).shape,
  zone: line(60),
  ...studioFacts
    .pick({
      weekStart: true,
      roomId: true,
      bookingMinutes: true,
      emergencyNumber: true,
      trainersSee: true,
      screeningWords: true,
    })
    .partial().shape,
});

/** Who is signed in. */
export const account = z.object({ trainer, studio });

export type Colleague = z.infer<typeof colleague>;
export type OneTimeLink = z.infer<typeof oneTimeLink>;
export type StudioFacts = z.infer<typeof studioFacts>;
export type Account = z.infer<typeof account>;
