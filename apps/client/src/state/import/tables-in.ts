import { tableOf, tableOfCells, type Table } from '@spalo/coaching/import';
import readXlsx from 'read-excel-file/universal';
import { begins, textIn } from './text-in';

/** A table of a file; a text has one without a name. */
export interface NamedTable {
  name: string;
  table: Table;
}

const ZIP = [0x50, 0x4b, 0x03, 0x04];
/** Files that are no table, by how they begin. */
const OTHERS: readonly (readonly [readonly number[], string])[] = [
  [[0xd0, 0xcf, 0x11, 0xe0], 'This is a workbook of the old kind (.xls): save it as .xlsx or CSV'],
  [[0x25, 0x50, 0x44, 0x46], 'This is a PDF: choose the spreadsheet that it was made from'],
  [[0x89, 0x50, 0x4e, 0x47], 'This is a picture: choose the spreadsheet itself'],
  [[0xff, 0xd8, 0xff], 'This is a picture: choose the spreadsheet itself'],
  [[0x1f, 0x8b], 'This file is packed: unpack it first'],
];

async function sheetsOf(bytes: Uint8Array<ArrayBuffer>): Promise<NamedTable[]> {
  const opened = textIn(bytes.subarray(0, 400));
  if (opened.includes('opendocument.spreadsheet'))
    throw new Error('This is an OpenDocument table (.ods): save it as .xlsx or CSV');
  try {
    const sheets = await readXlsx(bytes.buffer);
    return sheets.map(({ sheet, data }) => ({ name: sheet, table: tableOfCells(data) }));
  } catch (cause) {
    throw new Error('This is a packed file without a workbook that can be read', { cause });
  }
}

/**
 * The tables of a file that hold anything: the sheets of a workbook (.xlsx), else the one of a text with commas, semicolons or
 * tabs. Throws, in words, for what is neither.
 */
export async function tablesIn(buffer: ArrayBuffer): Promise<NamedTable[]> {
  const bytes = new Uint8Array(buffer);
  const other = OTHERS.find(([mark]) => begins(bytes, mark));
  if (other) throw new Error(other[1]);
  const all = begins(bytes, ZIP)
    ? await sheetsOf(bytes)
    : [{ name: '', table: tableOf(textIn(bytes)) }];
  const filled = all.filter(({ table }) => table.length > 0);
  if (filled.length === 0) throw new Error('There is nothing in this file');
  return filled;
}
