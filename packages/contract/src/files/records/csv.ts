import { fromGrams } from '@spalo/core/unit';
import Papa from 'papaparse';
import { recordTables, type RecordRow, type RecordTable } from './rows';

type Cell = string | number;

const snake = (name: string) => name.replace(/[A-Z]/g, (letter) => `_${letter.toLowerCase()}`);
const isMass = (field: string) => field.endsWith('G');
/** Grams in a unit, to the milligram's neighbourhood: enough that the same grams come back. */
const mass = (grams: number, unit: 'kg' | 'lb') => Number(fromGrams(grams, unit).toFixed(4));

const fieldsOf = (table: RecordTable): string[] => Object.keys(recordTables[table].shape);

/** The columns of a table: a mass stands in both units. */
const columnsOf = (table: RecordTable): string[] =>
  fieldsOf(table).flatMap((field) =>
    isMass(field)
      ? [`${snake(field.slice(0, -1))}_kg`, `${snake(field.slice(0, -1))}_lb`]
      : [snake(field)],
  );

function cellsOf(field: string, value: unknown): Cell[] {
  if (isMass(field)) return [mass(value as number, 'kg'), mass(value as number, 'lb')];
  if (value === null || value === undefined) return [''];
  return [typeof value === 'boolean' ? (value ? 'yes' : 'no') : (value as Cell)];
}

const LINE = '\r\n';
/** How a cell begins that a spreadsheet would work out, or take apart; full-width signs are read as the others. */
const FORMULA = /^[=+\-@\t\r＝＋－＠]/;

/** The heading of a table's file. */
export const csvHeading = (table: RecordTable): string =>
  Papa.unparse([columnsOf(table)], { newline: LINE }) + LINE;

/**
 * Rows of a table as CSV (RFC 4180, UTF-8): ISO days and times, masses in kilograms and pounds. Text that a spreadsheet would
 * take for a formula begins with an apostrophe.
 */
export function csvLines<T extends RecordTable>(table: T, rows: readonly RecordRow<T>[]): string {
  if (rows.length === 0) return '';
  const fields = fieldsOf(table);
  const cells = rows.map((row) =>
    fields.flatMap((field) => cellsOf(field, (row as Record<string, unknown>)[field])),
  );
  return Papa.unparse(cells, { newline: LINE, escapeFormulae: FORMULA }) + LINE;
}
