import { z } from 'zod';
import type { Route } from './route';

/** How a list is asked for in pages; without a limit all of it comes. */
export const page = {
  limit: z.coerce.number().int().min(1).max(500).optional(),
  /** `next` of the page before. */
  after: z.string().max(60).optional(),
};

type Listing = Route & { answer: z.ZodObject };
type QueryOf<L> = L extends { query: z.ZodObject<infer Q> } ? Q : object;

/**
 * A route whose answer is a list under `list`, which can be asked for in pages: `limit` says how long one is, `next` of its
 * answer is what the next is asked for with, null after the last.
 */
export const paged = <const L extends Listing>(
  route: L,
  list: keyof z.infer<L['answer']> & string,
) => ({
  ...route,
  query: (route.query ?? z.object({})).safeExtend(page) as z.ZodObject<QueryOf<L> & typeof page>,
  answer: route.answer.extend({ next: z.string().nullable().optional() }) as L['answer'],
  list,
});
