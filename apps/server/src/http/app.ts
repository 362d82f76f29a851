import type { StreamMessage } from '@spalo/contract';
import type { Logger } from 'pino';
import type { Database } from '../db/database';

/** Changes as they are committed by any instance on the same database, studio by studio. */
export interface ChangeFeed {
  /**
   * Calls `listener` for each change in a studio until the returned function is called, and `onLost` once changes may
   * have been missed.
   */
  follow(
    studioId: string,
    listener: (message: StreamMessage) => void,
    onLost?: () => void,
  ): () => void;
  close(): Promise<void>;
}

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
