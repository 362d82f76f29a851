import { z } from 'zod';
import { uuid } from './primitives';
import type { ProblemKind } from './problem';

/** Who may call a route: anyone, any signed-in trainer, or the studio's owners. */
export type Access = 'open' | 'trainer' | 'owner';

/** One operation of the API: the server mounts it, the client calls it, the OpenAPI document lists it. */
export interface Route {
  method: 'get' | 'post' | 'put' | 'delete';
  /** Below the API's base, with `:name` for parameters. */
  path: string;
  summary: string;
  access: Access;
  params?: z.ZodObject;
  query?: z.ZodObject;
  body?: z.ZodType;
  answer: z.ZodType;
  problems?: ProblemKind[];
}

/** The parameter of a route about one thing. */
export const byId = z.object({ id: uuid });

/** The answer where there is nothing to tell. */
export const done = z.object({ done: z.literal(true) });
