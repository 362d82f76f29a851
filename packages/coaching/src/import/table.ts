import Papa from 'papaparse';

/** A spreadsheet as text, row by row as it stands there: the first is row 1. */
export type Table = readonly (readonly string[])[];

/** What a table is read of at most: years of a whole studio. */
export const MOST_ROWS = 60_000;

/** The rows of a file with commas, semicolons or tabs between its cells; which of them is found out. */
export function tableOf(text: string): Table {
  const { data } = Papa.parse<string[]>(text.replace(/^\ufeff/, ''), { skipEmptyLines: false });
  const rows = data.map((row) => row.map((cell) => cell.replace(/[\s\u00a0]+/g, ' ').trim()));
  while (rows.length > 0 && rows.at(-1)!.every((cell) => cell === '')) rows.pop();
  return rows;
}

/** The letters by which a spreadsheet calls a column: A, B, … AA. */
export const columnLetters = (column: number): string =>
  (column >= 26 ? columnLetters(Math.floor(column / 26) - 1) : '') +
  String.fromCharCode(65 + (column % 26));
