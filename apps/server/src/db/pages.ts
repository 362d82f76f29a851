import { sql, type SQL } from 'drizzle-orm';
import type { StudioDb } from './database';

/** The rows of a query, `count` at a time, by a cursor of the caller's transaction. One at a time. */
export async function* pagesOf<T extends Record<string, unknown>>(
  db: StudioDb,
  query: SQL,
  count: number,
): AsyncGenerator<T[]> {
  await db.execute(sql`DECLARE pages NO SCROLL CURSOR FOR ${query}`);
  for (;;) {
    const { rows } = await db.execute<T>(sql`FETCH ${sql.raw(String(count))} FROM pages`);
    if (rows.length > 0) yield rows as T[];
    if (rows.length < count) break;
  }
  await db.execute(sql`CLOSE pages`);
}
