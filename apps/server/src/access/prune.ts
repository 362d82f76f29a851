import type { Logger } from 'pino';
import type { Database } from '../db/database';
import { loggable } from '../db/errors';

const EVERY_MS = 3600 * 1000;

/** Takes away, at the start and every hour, sign-ins, links, tries and films that have run out. */
export function pruneAccess(database: Database, log: Logger): { stop(): void } {
  const prune = () =>
    database.pool.query('SELECT prune_access(), prune_films()').catch((error: unknown) => {
      log.warn({ error: loggable(error) }, 'what has run out could not be taken away');
    });
  void prune();
  const timer = setInterval(() => void prune(), EVERY_MS);
  timer.unref();
  return { stop: () => clearInterval(timer) };
}
