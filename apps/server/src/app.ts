import type { Logger } from 'pino';
import type { Database } from './db/database';
import type { ChangeFeed } from './http/change-feed';

/** What the parts of one server share. */
export interface App {
  database: Database;
  feed: ChangeFeed;
  log: Logger;
  /** Offer the one-tap sign-in to the demo studio. */
  demo: boolean;
  /** Let the client show its gallery of pieces. */
  gallery: boolean;
  /** Send cookies over HTTPS only. */
  secureCookies: boolean;
  /** Check every answer against the contract before it is sent (tests and development). */
  checkAnswers: boolean;
}
