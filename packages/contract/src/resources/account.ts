import { z } from 'zod';
import { line, unit, uuid } from '../primitives/values';

export const role = z.enum(['owner', 'trainer']);
export const email = z
  .string()
  .trim()
  .toLowerCase()
  .max(200)
  .pipe(z.email('Not an e-mail address'));
/** Long enough that guessing is slow; no rules about characters. */
export const newPassword = z
  .string()
  .min(10, 'At least 10 characters')
  .max(200, 'At most 200 characters');

export const trainer = z.object({ id: uuid, name: line(80), email, role });
const studio = z.object({ id: uuid, name: line(80), unit, zone: line(60) });

/** Who is signed in. */
export const account = z.object({ trainer, studio });

export type Account = z.infer<typeof account>;
