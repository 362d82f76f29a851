import { dayIn } from '@spalo/core/unit';
import Papa from 'papaparse';

/** A spreadsheet as text, row by row as it stands there: the first is row 1. */
export type Table = readonly (readonly string[])[];

/** What a table is read of at most: years of a whole studio. */
export const MOST_ROWS = 60_000;

const trimmed = (rows: string[][]): Table => {
  while (rows.length > 0 && rows.at(-1)!.every((cell) => cell === '')) rows.pop();
  return rows;
};

const plainCell = (cell: string) => cell.replace(/[\s\u00a0]+/g, ' ').trim();

/** A cell of a workbook as text: a day as 2026-11-24, a number with its point. */
function cellText(cell: unknown): string {
  if (cell instanceof Date) return dayIn(cell.getTime(), 'UTC');
  if (typeof cell === 'number') return String(Number(cell.toFixed(6)));
  if (typeof cell === 'boolean') return cell ? 'yes' : 'no';
  return typeof cell === 'string' ? plainCell(cell) : '';
}

/** The rows of a workbook's sheet. */
export const tableOfCells = (rows: readonly (readonly unknown[])[]): Table =>
  trimmed(rows.map((row) => row.map(cellText)));

/** The rows of a file with commas, semicolons or tabs between its cells; which of them is found out. */
export function tableOf(text: string): Table {
  const { data } = Papa.parse<string[]>(text.replace(/^\ufeff/, ''), { skipEmptyLines: false });
  return trimmed(data.map((row) => row.map(plainCell)));
}

/** The letters by which a spreadsheet calls a column: A, B, … AA. */
export const columnLetters = (column: number): string =>
  (column >= 26 ? columnLetters(Math.floor(column / 26) - 1) : '') +
  String.fromCharCode(65 + (column % 26));
