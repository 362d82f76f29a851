import type { StreamMessage } from '@spalo/contract';
import type { LogEvent } from '@spalo/core/log';
import type { StudioDb } from '../../db/database';

/** What a projection did: what others should hear about, and the streams that it could not make sense of. */
export interface Projected {
  messages: StreamMessage[];
  broken: string[];
}

/** Writes what one kind of stream tells into the tables that questions are answered from. */
export interface Projector {
  /**
   * Notes that logs have gone on by `fresh` events where nobody needs to know more at once; answers the ids of those
   * streams. The others are to be projected.
   */
  defer(db: StudioDb, studioId: string, fresh: readonly LogEvent[]): Promise<ReadonlySet<string>>;
  /** Brings the projections of whole logs level with them, in the caller's transaction. */
  project(db: StudioDb, studioId: string, logs: Iterable<readonly LogEvent[]>): Promise<Projected>;
  /** Throws away all that was projected of a studio. */
  clear(db: StudioDb, studioId: string): Promise<void>;
}
