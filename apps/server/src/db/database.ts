import { sql } from 'drizzle-orm';
import { drizzle, type NodePgDatabase } from 'drizzle-orm/node-postgres';
import pg from 'pg';
import * as schema from './schema';

/** The connection pool of one server, with the tables. */
export interface Database {
  pool: pg.Pool;
  orm: NodePgDatabase<typeof schema>;
  close(): Promise<void>;
}

/** A transaction that sees one studio and no other. */
export type StudioDb = Parameters<Parameters<NodePgDatabase<typeof schema>['transaction']>[0]>[0];

export function openDatabase(url: string, size = 10): Database {
  const pool = new pg.Pool({ connectionString: url, max: size, connectionTimeoutMillis: 10_000 });
  // A connection that dies while idle is replaced by the pool; without a listener it would end the process.
  pool.on('error', () => undefined);
  return { pool, orm: drizzle(pool, { schema }), close: () => pool.end() };
}

/** Runs `work` in a transaction that row-level security confines to `studioId`. */
export async function inStudio<T>(
  database: Database,
  studioId: string,
  work: (db: StudioDb) => Promise<T>,
): Promise<T> {
  return database.orm.transaction(async (db) => {
    await db.execute(sql`SELECT set_config('app.studio', ${studioId}, true)`);
    return work(db);
  });
}
