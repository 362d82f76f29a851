import { isStoredWhy, whyCodes, type StoredWhy } from '@spalo/core/words';
import { z } from 'zod';
import { isClean, text } from './values';

/** Whether no text that a reason rests on, however deep, holds what cannot be stored. */
const hasCleanWords = (value: unknown): boolean =>
  typeof value === 'string'
    ? isClean(value)
    : typeof value !== 'object' || value === null || Object.values(value).every(hasCleanWords);

const coded = z
  .looseObject({ code: z.enum(whyCodes) })
  .refine((value) => isStoredWhy(value) && hasCleanWords(value), 'Not what this reason rests on')
  .meta({
    description: 'A reason: a code with what it rests on',
    examples: [{ code: 'as-decided' }],
  });

/** Why something is as it is: a code with what it rests on, or the sentence of a log from before there were codes. */
export const why: z.ZodType<StoredWhy> =
  // What `isStoredWhy` has seen to, the schema itself does not spell out.
  z.union([coded, text(300)]) as unknown as z.ZodType<StoredWhy>;

/** Several, the most telling first. */
export const reasons = z.array(why).max(8);
