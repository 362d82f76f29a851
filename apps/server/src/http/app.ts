import type { StreamMessage } from '@spalo/contract';
import type { Logger } from 'pino';
import type { Database } from '../db/database';

/** Changes as they are committed by any instance on the same database, studio by studio. */
export interface ChangeFeed {
  /**
   * Calls `listener` for each change in a studio until the returned function is called, `onLost` once changes may have
   * been missed, and `onEnded` with the ids of sign-ins that have ended.
   */
  follow(
    studioId: string,
    listener: (message: StreamMessage) => void,
    onLost?: () => void,
    onEnded?: (signInIds: readonly string[]) => void,
  ): () => void;
  close(): Promise<void>;
}

/** What the parts of one server share. */
export interface App {
  database: Database;
  feed: ChangeFeed;
  log: Logger;
  /** A folder of its own for files that live as long as a request. */
  scratch: string;
  /** A list beside the safety copies of who was erased; null where none is kept. */
  erasedFile: string | null;
  /** What lets another machine set Spalo up. */
  setupCode: string;
  /** The archive that is being brought in: how much of it is, from 0 to 1; null while there is none. */
  bringingIn: { share: number | null };
  /** Offer the one-tap sign-in to the demo studio. */
  demo: boolean;
  /** Let the client show its gallery of pieces. */
  gallery: boolean;
  /** Send cookies over HTTPS only. */
  secureCookies: boolean;
  /** Where Spalo is reached besides this machine and addresses in figures, as `https://gym.example`. */
  origins: string[];
  /** Proxies whose word on where a request comes from is taken: none, or as Express names them. */
  trustedProxies: string[];
  /** Check every answer against the contract before it is sent (tests and development). */
  checkAnswers: boolean;
}
