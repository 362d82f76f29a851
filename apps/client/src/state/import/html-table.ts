/** The tables of a page as text with tabs: some programs call such a page a workbook. Null where it is no page. */
export function textOfPage(text: string): string | null {
  if (!/^\s*(?:<!doctype html|<html|<table|<meta|<\?xml[^>]*>\s*<html)/i.test(text)) return null;
  const page = new DOMParser().parseFromString(text, 'text/html');
  const rows = [...page.querySelectorAll('tr')].map((row) =>
    [...row.querySelectorAll('td, th')].map((cell) =>
      (cell.textContent ?? '').replace(/\s+/g, ' '),
    ),
  );
  return rows.map((row) => row.join('\t')).join('\n');
}
