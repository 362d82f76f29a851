import { createHash } from 'node:crypto';
import { sql } from 'drizzle-orm';
import { z } from 'zod';
import type { StudioDb } from '../db/database';
import { isDataFault } from '../db/errors';
import { rebuildStudio } from '../log/rebuild';
import { checkRow } from './checked-row';
import { damaged } from './damaged';
import { archivedTables, studioColumn } from './tables';
import { ARCHIVE_FORMAT, ARCHIVE_VERSION } from './write';

const head = z.object({
  format: z.literal(ARCHIVE_FORMAT),
  version: z.literal(ARCHIVE_VERSION),
  madeAt: z.string(),
  studioId: z.uuid().toLowerCase(),
});
const body = z.object({
  table: z.enum(archivedTables.map(({ name }) => name)),
  row: z.record(z.string(), z.unknown()),
});
const end = z.object({ end: z.literal(true), rows: z.int(), sha256: z.string() });

/** A line of an archive is no longer than a piece of a film in letters, and some. */
const MOST_LETTERS = 4_000_000;
const ROWS = 200;
/** Rows of one table: as many as the largest studio has in its longest life, many times over. */
const MOST_ROWS = 5_000_000;
const LETTERS = 4_000_000;

/** Lines of a stream of bytes, as they were written. */
export async function* linesOf(bytes: AsyncIterable<Buffer | string>): AsyncGenerator<string> {
  const decoder = new TextDecoder('utf-8', { fatal: true });
  let rest = '';
  for await (const part of bytes) {
    rest += typeof part === 'string' ? part : decoder.decode(part, { stream: true });
    for (let at = rest.indexOf('\n'); at >= 0; at = rest.indexOf('\n')) {
      yield rest.slice(0, at);
      rest = rest.slice(at + 1);
    }
    if (rest.length > MOST_LETTERS) throw damaged('a line is far too long');
  }
  if (rest !== '') yield rest;
}

function parsed(line: string, at: number): unknown {
  try {
    return JSON.parse(line);
  } catch {
    throw damaged(`line ${at} is no JSON`);
  }
}

/** What an archive says of itself in its first line. */
export function headOf(line: string | undefined): z.infer<typeof head> {
  const known = head.safeParse(line === undefined ? null : parsed(line, 1));
  if (!known.success) throw damaged('it is no archive of a studio, or of a later version');
  return known.data;
}

/** The columns of a table: all of them, and those that hold a time. */
interface Columns {
  all: Set<string>;
  times: Set<string>;
}

/** The columns that tables of this version have. */
async function columnsHere(db: StudioDb): Promise<Map<string, Columns>> {
  const { rows } = await db.execute<{ table: string; column: string; time: boolean }>(sql`
    SELECT table_name AS "table", column_name AS "column", data_type LIKE 'timestamp%' AS time
    FROM information_schema.columns WHERE table_schema = 'public'`);
  const here = new Map<string, Columns>();
  for (const { table, column, time } of rows) {
    const columns = here.get(table) ?? { all: new Set(), times: new Set() };
    columns.all.add(column);
    if (time) columns.times.add(column);
    here.set(table, columns);
  }
  return here;
}

/** Writes rows that name the same columns; what an older version did not know takes its default. */
async function insert(
  db: StudioDb,
  studioId: string,
  table: string,
  columns: readonly string[],
  rows: readonly object[],
): Promise<void> {
  const names = sql.raw(columns.map((column) => `"${column}"`).join(', '));
  const name = sql.raw(table);
  await db.execute(sql`
    INSERT INTO ${name} (${sql.raw(studioColumn(table))}, ${names})
    SELECT ${studioId}::uuid, ${names} FROM jsonb_populate_recordset(null::${name}, ${JSON.stringify(rows)}::jsonb)`);
}

/** Gathers rows of one table into few statements. */
class Rows {
  private table = '';
  private columns: string[] = [];
  private rows: object[] = [];
  private letters = 0;

  constructor(
    private readonly db: StudioDb,
    private readonly studioId: string,
    private readonly here: ReadonlyMap<string, Columns>,
  ) {}

  async add(table: string, row: Record<string, unknown>, letters: number): Promise<void> {
    const columns = Object.keys(row);
    const alike = table === this.table && columns.join() === this.columns.join();
    if (!alike || this.rows.length >= ROWS || this.letters > LETTERS) await this.flush();
    const here = this.here.get(table);
    const unknown = columns.find((column) => !here?.all.has(column));
    if (!here || unknown !== undefined)
      throw damaged(`a later version wrote ${table}.${unknown ?? ''}`);
    checkRow(table, row, here.times);
    Object.assign(this, { table, columns });
    this.rows.push(row);
    this.letters += letters;
  }

  async flush(): Promise<void> {
    const { db, studioId, table, columns, rows } = this;
    Object.assign(this, { rows: [], letters: 0 });
    if (rows.length > 0) await insert(db, studioId, table, columns, rows);
  }
}

/**
 * Brings the rows of an archive in, in the caller's transaction, and works out from the logs what follows from them. Refuses
 * `invalid-input` for one that is cut short, was changed, or does not hang together: then nothing of it may be kept.
 */
export async function takeArchive(
  db: StudioDb,
  studioId: string,
  firstLine: string,
  lines: AsyncIterable<string>,
): Promise<void> {
  const hash = createHash('sha256').update(`${firstLine}\n`);
  const gathered = new Rows(db, studioId, await columnsHere(db));
  let rows = 0;
  const rowsOf = new Map<string, number>();
  let ended: z.infer<typeof end> | null = null;
  try {
    for await (const line of lines) {
      if (ended) throw damaged('it goes on behind its end');
      const value = parsed(line, rows + 2);
      const last = end.safeParse(value);
      if (last.success) {
        ended = last.data;
        continue;
      }
      const known = body.safeParse(value);
      if (!known.success) throw damaged(`line ${rows + 2} is no row of a studio`);
      hash.update(`${line}\n`);
      rows += 1;
      const ofTable = (rowsOf.get(known.data.table) ?? 0) + 1;
      if (ofTable > MOST_ROWS) throw damaged(`it holds too many rows of ${known.data.table}`);
      rowsOf.set(known.data.table, ofTable);
      await gathered.add(known.data.table, known.data.row, line.length);
    }
    if (!ended) throw damaged('it is cut short');
    if (ended.rows !== rows || ended.sha256 !== hash.digest('hex')) {
      throw damaged('it is not as it was written');
    }
    await gathered.flush();
  } catch (error) {
    // A row that the database does not take: a missing client, a word where a number belongs.
    throw isDataFault(error) ? damaged('its rows do not hang together') : error;
  }
  await rebuildStudio(db, studioId);
}
