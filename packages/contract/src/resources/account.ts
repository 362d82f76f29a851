import { z } from 'zod';
import { instant, line, unit, uuid } from '../primitives/values';

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
const studio = z.object({ id: uuid, name: line(80), unit, zone: line(60) });

/** Who is signed in. */
export const account = z.object({ trainer, studio });

export type Colleague = z.infer<typeof colleague>;
export type OneTimeLink = z.infer<typeof oneTimeLink>;
export type Account = z.infer<typeof account>;
