import { strToU8, zipSync } from 'fflate';

export const textCell = (at: string, value: string) =>
  `<c r="${at}" t="inlineStr"><is><t>${value}</t></is></c>`;
export const numberCell = (at: string, value: number) => `<c r="${at}"><v>${value}</v></c>`;
/** A day as workbooks count them, shown as one. */
export const dayCell = (at: string, serial: number) => `<c r="${at}" s="1"><v>${serial}</v></c>`;
export const rowOf = (row: number, ...cells: string[]) => `<row r="${row}">${cells.join('')}</row>`;

/** A workbook as programs write it, its sheets by name, each with its rows: days are numbers with a style that says so. */
export function workbook(sheets: Record<string, string>): Uint8Array {
  const names = Object.keys(sheets);
  const open = '<?xml version="1.0" encoding="UTF-8"?>';
  const main = 'xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main"';
  const relations = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';
  const ofPackage = 'http://schemas.openxmlformats.org/package/2006/relationships';
  const files = {
    'xl/workbook.xml': `${open}<workbook ${main} xmlns:r="${relations}"><sheets>${names
      .map((name, at) => `<sheet name="${name}" sheetId="${at + 1}" r:id="r${at + 1}"/>`)
      .join('')}</sheets></workbook>`,
    'xl/_rels/workbook.xml.rels': `${open}<Relationships xmlns="${ofPackage}">${names
      .map(
        (_, at) =>
          `<Relationship Id="r${at + 1}" Type="${relations}/worksheet" Target="worksheets/sheet${at + 1}.xml"/>`,
      )
      .join(
        '',
      )}<Relationship Id="rs" Type="${relations}/styles" Target="styles.xml"/></Relationships>`,
    'xl/styles.xml': `${open}<styleSheet ${main}><cellXfs count="2"><xf numFmtId="0"/><xf numFmtId="14" applyNumberFormat="1"/></cellXfs></styleSheet>`,
    ...Object.fromEntries(
      names.map((name, at) => [
        `xl/worksheets/sheet${at + 1}.xml`,
        `${open}<worksheet ${main}><sheetData>${sheets[name]}</sheetData></worksheet>`,
      ]),
    ),
  };
  return zipSync(
    Object.fromEntries(Object.entries(files).map(([name, text]) => [name, strToU8(text)])),
  );
}
