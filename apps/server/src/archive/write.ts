import { createHash } from 'node:crypto';
import { sql } from 'drizzle-orm';
import type { StudioDb } from '../db/database';
import { pagesOf } from '../db/pages';
import { archivedTables, studioColumn } from './tables';

export const ARCHIVE_FORMAT = 'spalo-studio';
export const ARCHIVE_VERSION = 1;
const ROWS = 500;

/** The rows of a table of one studio, in order, a few at a time. */
async function* rowsOf(
  db: StudioDb,
  studioId: string,
  { name, order, leaves = [], rows: count = ROWS }: (typeof archivedTables)[number],
): AsyncGenerator<object> {
  const left = [studioColumn(name), ...leaves];
  const kept = left.reduce((row, column) => sql`${row} - ${column}::text`, sql`to_jsonb(t)`);
  const query = sql`SELECT ${kept} AS row FROM ${sql.raw(name)} t
    WHERE ${sql.raw(studioColumn(name))} = ${sql.raw(`'${studioId}'`)}::uuid ORDER BY ${sql.raw(order)}`;
  for await (const rows of pagesOf<{ row: object }>(db, query, count)) {
    for (const { row } of rows) yield row;
  }
}

/**
 * A studio as lines of JSON: a head that says what it is, a row of a table each, and an end with the number of rows and a
 * SHA-256 of all lines before it. `db` sees one moment throughout (`inStudio` with a snapshot).
 */
export async function* archiveLines(
  db: StudioDb,
  studioId: string,
  madeAt: string,
): AsyncGenerator<string> {
  // Times are written in one zone, whichever the server's is.
  await db.execute(sql`SET LOCAL TimeZone = 'UTC'`);
  const hash = createHash('sha256');
  let rows = 0;
  const line = (value: object) => {
    const text = `${JSON.stringify(value)}\n`;
    hash.update(text);
    return text;
  };
  yield line({ format: ARCHIVE_FORMAT, version: ARCHIVE_VERSION, madeAt, studioId });
  for (const table of archivedTables) {
    for await (const row of rowsOf(db, studioId, table)) {
      rows += 1;
      yield line({ table: table.name, row });
    }
  }
  yield `${JSON.stringify({ end: true, rows, sha256: hash.digest('hex') })}\n`;
}
