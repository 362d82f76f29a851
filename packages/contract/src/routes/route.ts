import { z } from 'zod';
import type { Operation } from '../operations/operation';
import type { ProblemKind } from '../operations/problems';
import { uuid } from '../primitives/values';

/** One operation of the API with what it takes and answers: the server mounts it, the OpenAPI document lists it. */
export interface Route extends Operation {
  params?: z.ZodObject;
  query?: z.ZodObject;
  body?: z.ZodType;
  answer: z.ZodType;
  /** The key of the answer whose list can be asked for in pages. */
  list?: string;
  problems?: ProblemKind[];
}

/** The parameter of a route about one thing. */
export const byId = z.object({ id: uuid });

/** The answer where there is nothing to tell. */
export const done = z.object({ done: z.literal(true) });
