import type { Logger } from 'pino';
import type { Database } from '../db/database';
import { loggable } from '../db/errors';

const EVERY_MS = 3600 * 1000;

/** Takes away, at the start and every hour, what has run out: sign-ins, links, tries, films, and entries whose start never came. */
export function pruneAccess(database: Database, log: Logger): { stop(): void } {
  const prune = () =>
    database.pool
      .query('SELECT prune_access(), prune_films(), prune_unstarted()')
      .catch((error: unknown) => {
        log.warn({ error: loggable(error) }, 'what has run out could not be taken away');
      });
  void prune();
  const timer = setInterval(() => void prune(), EVERY_MS);
  timer.unref();
  return { stop: () => clearInterval(timer) };
}
