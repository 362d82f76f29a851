import { randomUUID } from 'node:crypto';
import os from 'node:os';
import path from 'node:path';
import { z } from 'zod';

const flag = z
  .enum(['0', '1'])
  .default('0')
  .transform((value) => value === '1');

/** What the server reads from its environment; the operations page lists it. */
export const config = z
  .object({
    PORT: z.coerce.number().int().min(0).max(65_535).default(4600),
    HOST: z.string().default('127.0.0.1'),
    /** The app's own role: logs in, bypasses nothing. */
    APP_DATABASE_URL: z.url(),
    /** A role that may create tables and roles; needed by migrate only. */
    OWNER_DATABASE_URL: z.url().optional(),
    CLIENT_DIR: z.string().optional(),
    MIGRATIONS_DIR: z.string().optional(),
    DEMO_FILMS_DIR: z.string().optional(),
    /** A folder of this server's own, emptied when it starts; without one a new one is made each time. */
    SPALO_SCRATCH: z.string().optional(),
    /** A list beside the safety copies of who was erased (ids), so that a restore erases them again. */
    SPALO_ERASED_FILE: z.string().optional(),
    SPALO_DEMO: flag,
    SPALO_GALLERY: flag,
    SPALO_SECURE_COOKIES: flag,
    SPALO_CHECK_ANSWERS: flag,
    /** Where it is reached by name, as `https://gym.example`, with commas between. */
    SPALO_ORIGIN: z
      .string()
      .default('')
      .transform((value) =>
        value
          .split(',')
          .map((each) => each.trim())
          .filter(Boolean),
      )
      .pipe(
        z.array(z.url('An origin as https://gym.example').transform((url) => new URL(url).origin)),
      ),
    /** Addresses of the proxies in front, with commas between: only their word on where a request comes from is taken. */
    SPALO_TRUSTED_PROXIES: z.string().default(''),
    /** A moment from which the clock goes on, instead of the machine's time: for the demo and for tests. */
    SPALO_NOW: z
      .string()
      .refine((value) => !Number.isNaN(Date.parse(value)), 'Not a moment, as in 2026-12-24T09:00')
      .optional(),
    LOG_LEVEL: z.enum(['silent', 'error', 'warn', 'info', 'debug']).default('warn'),
  })
  .transform((env) => ({
    port: env.PORT,
    host: env.HOST,
    appUrl: env.APP_DATABASE_URL,
    ownerUrl: env.OWNER_DATABASE_URL,
    clientDir: env.CLIENT_DIR ?? null,
    migrationsDir: env.MIGRATIONS_DIR ?? 'drizzle',
    demoFilmsDir: env.DEMO_FILMS_DIR ?? 'demo-films',
    scratch: env.SPALO_SCRATCH ?? path.join(os.tmpdir(), `spalo-${randomUUID()}`),
    erasedFile: env.SPALO_ERASED_FILE ?? null,
    demo: env.SPALO_DEMO,
    gallery: env.SPALO_GALLERY,
    secureCookies: env.SPALO_SECURE_COOKIES,
    origins: env.SPALO_ORIGIN,
    trustedProxies: env.SPALO_TRUSTED_PROXIES.split(',')
      .map((each) => each.trim())
      .filter(Boolean),
    checkAnswers: env.SPALO_CHECK_ANSWERS,
    now: env.SPALO_NOW ?? null,
    logLevel: env.LOG_LEVEL,
  }));

export type Config = z.output<typeof config>;
