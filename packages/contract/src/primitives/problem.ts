import { z } from 'zod';

/** The body of every refusal, served as application/problem+json. */
export const problem = z.object({
  type: z.string(),
  title: z.string(),
  status: z.int(),
  detail: z.string().optional(),
  /** The request id, also in the logs. */
  instance: z.string().optional(),
  /** What is wrong, field by field. */
  errors: z.array(z.object({ path: z.string(), message: z.string() })).optional(),
  /** What there is to choose from, where a choice is missing. */
  choices: z.array(z.object({ id: z.string(), name: z.string() })).optional(),
});
export type Problem = z.infer<typeof problem>;
