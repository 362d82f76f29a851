import { nowIso } from '@spalo/core/unit';
import { createWriteStream } from 'node:fs';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { csvHeading, csvLines, recordNames, type RecordTable } from '@spalo/contract';
import { eq } from 'drizzle-orm';
import { asWho } from '../access/as-who';
import type { Who } from '../access/sign-in';
import type { Database, StudioDb } from '../db/database';
import { studios } from '../db/schema';
import { teachingIn } from '../own-lifts/teaching';
import { recordRows, type Choice, type Studio } from './record-rows';

async function studioOf(db: StudioDb, id: string) {
  const [row] = await db.select().from(studios).where(eq(studios.id, id));
  const { name, unit, zone } = row!;
  return { id, name, unit, zone, teaching: await teachingIn(db, id) };
}

async function* asCsv(db: StudioDb, studio: Studio, table: RecordTable, choice: Choice) {
  yield csvHeading(table);
  for await (const rows of recordRows(db, studio, table, choice)) yield csvLines(table, rows);
}

/** One document with all tables, written as it is read. */
async function* asJson(
  db: StudioDb,
  { name, unit, zone, ...rest }: Awaited<ReturnType<typeof studioOf>>,
  choice: Choice,
) {
  const head = {
    format: 'spalo-records',
    version: 1,
    madeAt: nowIso(),
    studio: { name, unit, zone },
  };
  yield JSON.stringify(head).slice(0, -1);
  for (const table of recordNames) {
    yield `,\n${JSON.stringify(table)}:[`;
    let isFirst = true;
    for await (const rows of recordRows(db, { zone, ...rest }, table, choice)) {
      yield (isFirst ? '\n' : ',\n') + rows.map((row) => JSON.stringify(row)).join(',\n');
      isFirst = false;
    }
    yield ']';
  }
  yield '}\n';
}

/** Writes a table of the studio's records, of clients whom `who` may see, as CSV, or with `records` all of them as JSON, as of one moment. */
export const writeRecords = (
  database: Database,
  who: Who,
  what: RecordTable | 'records',
  choice: Choice,
  file: string,
): Promise<void> =>
  asWho(
    database,
    who,
    async (db) => {
      const studio = await studioOf(db, who.studioId);
      const text =
        what === 'records' ? asJson(db, studio, choice) : asCsv(db, studio, what, choice);
      await pipeline(Readable.from(text), createWriteStream(file, { mode: 0o600 }));
    },
    true,
  );
