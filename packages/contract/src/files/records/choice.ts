import { z } from 'zod';
import { day, uuid } from '../../primitives/values';

/** Which records: some clients' (ids with commas between), and from one day to another; without any, all. */
export const recordChoice = z.object({
  client: z
    .string()
    .transform((ids) => ids.split(','))
    .pipe(z.array(uuid).max(100, 'At most 100 clients'))
    .optional(),
  from: day.optional(),
  to: day.optional(),
});
