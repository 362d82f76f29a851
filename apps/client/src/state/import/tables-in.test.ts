import { strToU8, zipSync } from 'fflate';
import { textOfPage } from './html-table';
import { tablesIn } from './tables-in';
import { textIn } from './text-in';
import {
  dayCell,
  numberCell,
  rowOf,
  textCell,
  workbook,
} from '../../../../../packages/coaching/src/import/workbook.test-help';

const bytesOf = (...all: number[]) => new Uint8Array(all);
const bufferOf = (bytes: Uint8Array): ArrayBuffer => new Uint8Array(bytes).buffer;

describe('the tables of a file', () => {
  it('are the sheets of a workbook that hold anything, days as days', async () => {
    const log = [
      rowOf(1, textCell('A1', 'Date'), textCell('B1', 'Exercise'), textCell('C1', 'kg')),
      rowOf(2, dayCell('A2', 45_719), textCell('B2', 'Squat'), numberCell('C2', 62.5)),
    ].join('');
    const bytes = workbook({ Notes: rowOf(1, textCell('A1', 'Hello')), Empty: '', Log: log });
    const tables = await tablesIn(bufferOf(bytes));
    expect(tables.map(({ name }) => name)).toEqual(['Notes', 'Log']);
    expect(tables[1]!.table).toEqual([
      ['Date', 'Exercise', 'kg'],
      ['2025-03-03', 'Squat', '62.5'],
    ]);
  });

  it('are texts in the usual encodings', () => {
    const name = 'Jörg';
    expect(textIn(new TextEncoder().encode(name))).toBe(name);
    expect(textIn(bytesOf(0x4a, 0xf6, 0x72, 0x67))).toBe(name);
    const wide = [...name].flatMap((letter) => [letter.charCodeAt(0), 0]);
    expect(textIn(bytesOf(0xff, 0xfe, ...wide))).toBe(name);
    expect(textIn(bytesOf(...wide))).toBe(name);
    const other = [...name].flatMap((letter) => [0, letter.charCodeAt(0)]);
    expect(textIn(bytesOf(0xfe, 0xff, ...other))).toBe(name);
  });

  it('are not those of what is no spreadsheet, and it is said what that is', async () => {
    const says = async (bytes: Uint8Array) =>
      tablesIn(bufferOf(bytes)).then(
        () => 'taken',
        (error: Error) => error.message,
      );
    expect(await says(bytesOf(0xd0, 0xcf, 0x11, 0xe0, 0xa1))).toMatch(/old kind \(\.xls\)/);
    expect(await says(strToU8('%PDF-1.7'))).toMatch(/PDF/);
    expect(await says(bytesOf(0xff, 0xd8, 0xff, 0xe0))).toMatch(/picture/);
    expect(await says(bytesOf(0x1f, 0x8b, 8))).toMatch(/packed/);
    expect(await says(zipSync({ 'a.txt': strToU8('a') }))).toMatch(/without a workbook/);
    const ods = zipSync({
      mimetype: [strToU8('application/vnd.oasis.opendocument.spreadsheet'), { level: 0 }],
    });
    expect(await says(ods)).toMatch(/OpenDocument/);
    expect(await says(bytesOf())).toBe('There is nothing in this file');
    expect(await says(strToU8(' \n\n'))).toBe('There is nothing in this file');
  });

  it('are those of a page that calls itself a workbook', () => {
    const page =
      '<html><body><table><tr><th>Date</th><th>kg</th></tr><tr><td>2025-03-03</td><td>60</td></tr></table>';
    expect(textOfPage(strToU8(page))).toBe('Date\tkg\n2025-03-03\t60');
    expect(textOfPage(strToU8('Date,kg\n2025-03-03,60'))).toBeNull();
  });
});
