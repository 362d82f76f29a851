import { textIn } from './text-in';

const PAGE = /^\s*(?:<!doctype html|<html|<table|<meta|<\?xml[^>]*>\s*<html)/i;
/** A page shows within so many bytes that it is one. */
const HEAD = 1000;

/** The tables of a page as text with tabs: some programs call such a page a workbook. Null where it is no page. */
export function textOfPage(bytes: Uint8Array): string | null {
  if (!PAGE.test(textIn(bytes.subarray(0, HEAD)))) return null;
  const page = new DOMParser().parseFromString(textIn(bytes), 'text/html');
  const rows = [...page.querySelectorAll('tr')].map((row) =>
    [...row.querySelectorAll('td, th')].map((cell) =>
      (cell.textContent ?? '').replace(/\s+/g, ' '),
    ),
  );
  return rows.map((row) => row.join('\t')).join('\n');
}
