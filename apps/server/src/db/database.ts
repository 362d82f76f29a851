import { drizzle, type NodePgDatabase } from 'drizzle-orm/node-postgres';
import { clockAheadMs } from '@spalo/core/unit';
import pg from 'pg';
import * as schema from './schema';

/** The connection pool of one server, with the tables. */
export interface Database {
  pool: pg.Pool;
  close(): Promise<void>;
}

/** A transaction that sees one studio and no other. */
export type StudioDb = NodePgDatabase<typeof schema>;

/** Has a connection tell the time by this process's clock: what `the_time()` answers in the database. */
export const byOurClock = (): pg.ClientConfig =>
  clockAheadMs() === 0 ? {} : { options: `-c spalo.clock_ahead_s=${clockAheadMs() / 1000}` };

export function openDatabase(url: string, size = 10): Database {
  const pool = new pg.Pool({
    connectionString: url,
    max: size,
    connectionTimeoutMillis: 10_000,
    ...byOurClock(),
  });
  // A connection that dies while idle is replaced by the pool; without a listener it would end the process.
  pool.on('error', () => undefined);
  return { pool, close: () => pool.end() };
}

const UUID = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/;

/** What a transaction is held to besides its studio. */
export interface Confines {
  /** Sees one moment throughout, and writes nothing. */
  snapshot?: boolean;
  /** The trainer whose clients, and nobody else's, it sees and changes; null for all of the studio. */
  clientsOf?: string | null;
}

/**
 * Runs `work` in a transaction that row-level security confines to `studioId`. Begins and names the studio in one
 * round trip, which takes no parameters: the id is checked to be one before it is written into the statement.
 */
export async function inStudio<T>(
  database: Database,
  studioId: string,
  work: (db: StudioDb) => Promise<T>,
  { snapshot = false, clientsOf = null }: Confines = {},
): Promise<T> {
  if (!UUID.test(studioId)) throw new RangeError('A studio is named by its UUID');
  if (clientsOf !== null && !UUID.test(clientsOf)) {
    throw new RangeError('A trainer is named by their UUID');
  }
  const client = await database.pool.connect();
  let broken = false;
  // A connection that is lost while in use says so here; the statement in hand fails, and the process lives on.
  const lost = () => {
    broken = true;
  };
  client.on('error', lost);
  try {
    const begin = snapshot ? 'BEGIN ISOLATION LEVEL REPEATABLE READ READ ONLY' : 'BEGIN';
    await client.query(
      `${begin}; SELECT set_config('app.studio', '${studioId}', true), set_config('app.clients_of', '${clientsOf ?? ''}', true)`,
    );
    const answer = await work(drizzle(client, { schema }));
    await client.query('COMMIT');
    return answer;
  } catch (error) {
    await client.query('ROLLBACK').catch(() => {
      broken = true;
    });
    throw error;
  } finally {
    client.off('error', lost);
    client.release(broken);
  }
}
