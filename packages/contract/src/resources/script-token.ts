import { nowMs } from '@spalo/core/unit';
import { z } from 'zod';
import { day, instant, line, uuid } from '../primitives/values';

const YEAR_MS = 366 * 24 * 3600 * 1000;

/** What an owner says of a new token. It reads to the end of its last day, in UTC. */
export const scriptTokenFacts = z.object({
  name: line(60),
  lastDay: day
    .refine((value) => Date.parse(`${value}T23:59:59.999Z`) > nowMs(), 'This day is over')
    .refine((value) => Date.parse(value) < nowMs() + YEAR_MS, 'At most a year from now'),
});

export const scriptToken = z.object({
  id: uuid,
  name: z.string(),
  madeBy: uuid,
  madeAt: instant,
  expiresAt: instant,
  revokedAt: instant.nullable(),
  lastUsedAt: instant.nullable(),
  /** Requests in all, of those that are still kept. */
  uses: z.int(),
});

/** How often an operation was asked for with a token on a day (UTC). */
export const scriptUse = z.object({
  day,
  operation: z.string(),
  times: z.int(),
  lastAt: instant,
});

export type ScriptToken = z.infer<typeof scriptToken>;
