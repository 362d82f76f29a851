import type { Unit } from '@spalo/core/unit';
import { loadOf, setsOf, unitIn } from './cells';
import { guessOrder } from './days';
import { DONE, headWords, OTHER_DAY, PLANNED } from './head-words';
import { plainText } from './plain-text';
import type { NamedLift } from './lift-names';
import { numberedSets } from './numbered-sets';
import type { Field, Guess, LiftColumns, Reading, Rival } from './reading';
import type { Table } from './table';

/** A heading's words alone: without brackets, units and marks. */
const bare = (cell: string) =>
  plainText(cell)
    .replace(/[_-]/g, ' ')
    .replace(/\(.*?\)|\[.*?\]/g, '')
    .replace(/\s+/g, ' ')
    .trim();

/** The field that a heading names, whether or not it was done. */
function namedBy(cell: string): Field | null {
  const text = bare(cell);
  if (text === '' || /\b(id|body|total|volume|volumen|tonnage)\b/.test(text)) return null;
  const field = headWords.find(([, word]) => word.test(text))?.[0] ?? null;
  return field === 'day' && OTHER_DAY.test(text) ? null : field;
}

const isPlanned = (cell: string): boolean => {
  const text = bare(cell);
  return PLANNED.test(text) && !DONE.test(text);
};

/** What a heading names of what was done; null where it names nothing that is read. */
const fieldOf = (cell: string): Field | null => (isPlanned(cell) ? null : namedBy(cell));

const HEADS = 15;
/** A column in which so many numbers go on from the one above, or begin anew, counts sets. */
const NUMBERED = 0.8;

interface Head {
  row: number;
  named: (Field | null)[];
}

/** The row that names most of what is read; of rows alike the last, which stands next to the sets. */
function headIn(table: Table): Head | null {
  let best: Head | null = null;
  let most = 1;
  table.slice(0, HEADS).forEach((row, at) => {
    const named = row.map(fieldOf);
    const kinds = new Set(named.filter(Boolean)).size;
    if (kinds >= most && kinds > 0) {
      best = { row: at, named };
      most = kinds;
    }
  });
  return best;
}

/** Whether a heading names the load in kilograms that another names in pounds. */
const isTwin = (head: string, other: string): boolean =>
  unitIn(head.replace(/_/g, ' ')) === 'kg' && unitIn(other.replace(/_/g, ' ')) === 'lb';

/** Fields of which a file has one, where it has one row a set. */
const SINGLE: readonly Field[] = ['day', 'client', 'lift', 'load', 'reps'];

/** Fields that several columns may hold as well as the one that was taken. */
function rivalsOf(
  row: readonly string[],
  named: readonly (Field | null)[],
  taken: Reading['columns'],
): Rival[] {
  return SINGLE.flatMap((field) => {
    const at = taken[field];
    if (at === undefined) return [];
    const isDone = DONE.test(bare(row[at]!));
    const others = row.filter(
      (head, column) =>
        column !== at &&
        named[column] === field &&
        DONE.test(bare(head)) === isDone &&
        !isTwin(row[at]!, head),
    );
    return others.length > 0 ? [{ field, heads: [row[at]!, ...others] }] : [];
  });
}

/**
 * The columns by what they are called: the first of each kind, before it one that says that it was done; of loads the one in
 * kilograms where there are two.
 */
function columnsOf(row: readonly string[], named: readonly (Field | null)[]): Reading['columns'] {
  const columns: Reading['columns'] = {};
  named.forEach((field, at) => {
    if (!field) return;
    const known = columns[field];
    const isDone = (column: number) => DONE.test(bare(row[column]!));
    const better =
      known !== undefined &&
      (isDone(at) !== isDone(known)
        ? isDone(at)
        : field === 'load' && isTwin(row[at]!, row[known]!));
    if (known === undefined || better) columns[field] = at;
  });
  return columns;
}

/** The nearest words above a column, also where cells are merged over several of them. */
function nameAbove(table: Table, row: number, column: number): string {
  for (let up = row - 1; up >= 0; up -= 1) {
    for (let at = column; at >= 0; at -= 1) {
      const cell = table[up]![at] ?? '';
      if (cell !== '') return fieldOf(cell) === null ? cell : '';
    }
  }
  return '';
}

/** Lifts whose loads and reps stand in columns of their own, below their names. */
function underNames(table: Table, { row, named }: Head): LiftColumns[] {
  const columns: LiftColumns[] = [];
  named.forEach((field, at) => {
    if (field !== 'load') return;
    const reps = named.findIndex((other, place) => place > at && other === 'reps');
    const next = named.findIndex((other, place) => place > at && other === 'load');
    const own = reps >= 0 && (next < 0 || reps < next) ? reps : null;
    columns.push({ name: nameAbove(table, row, at), load: at, reps: own });
  });
  return columns.filter(({ name }) => name !== '');
}

/** Lifts that head a column of whole sets. */
function asHeadings(
  table: Table,
  { row, named }: Head,
  liftOf: (name: string) => NamedLift | null,
): LiftColumns[] {
  const below = table.slice(row + 1, row + 40);
  return (table[row] ?? []).flatMap((cell, at) => {
    if (cell === '' || named[at] !== null || !liftOf(cell)) return [];
    const cells = below.map((each) => each[at] ?? '').filter(Boolean);
    const read = cells.filter((each) => setsOf(each, { unit: 'kg', comma: each.includes(',') }));
    return cells.length > 0 && read.length * 2 > cells.length
      ? [{ name: cell, load: at, reps: null }]
      : [];
  });
}

const cellsAt = (table: Table, skip: number, column: number | undefined): string[] =>
  column === undefined ? [] : table.slice(skip).map((row) => row[column] ?? '');

/** Whether a column numbers the sets of a lift one by one, instead of saying how many alike there were. */
function isCountOn(cells: readonly string[], lifts: readonly string[]): boolean {
  const rows = cells
    .map((cell, at) => ({
      number: Number(cell),
      lift: lifts[at] ?? '',
      isNumber: /^\d+$/.test(cell),
    }))
    .filter(({ isNumber }) => isNumber);
  const pairs = rows.slice(1).map((next, at) => [rows[at]!, next] as const);
  const ups = pairs.filter(([one, next]) => next.number === one.number + 1);
  // What goes on counts the same lift, named again or merged from above.
  if (ups.some(([one, next]) => next.lift !== '' && next.lift !== one.lift)) return false;
  const anew = pairs.filter(([, next]) => next.number === 1);
  return ups.length > 0 && ups.length + anew.length > NUMBERED * pairs.length;
}

/** The unit that headings, titles or the cells themselves name; null where none does. */
function unitOf(table: Table, skip: number, loads: readonly number[]): Unit | null {
  const heads = table.slice(0, skip);
  for (const at of loads) {
    for (const row of [...heads].reverse()) {
      const unit = unitIn((row[at] ?? '').replace(/_/g, ' '));
      if (unit) return unit;
    }
  }
  const cells = loads.flatMap((at) => cellsAt(table, skip, at)).slice(0, 2000);
  const units = cells.map(unitIn);
  const [kg, lb] = [
    units.filter((each) => each === 'kg').length,
    units.filter((each) => each === 'lb').length,
  ];
  if (kg + lb > 0) return kg >= lb ? 'kg' : 'lb';
  return heads.flat().map(unitIn).find(Boolean) ?? null;
}

/** Whether loads have their decimals behind a comma. */
const hasCommas = (cells: readonly string[]): boolean =>
  cells.some(
    (cell) =>
      /\d,\d{1,2}(?!\d)/.test(cell) &&
      !/\d\.\d/.test(cell) &&
      loadOf(cell.split(/[x×@*]/)[0]!.trim(), { unit: 'kg', comma: true }) !== null,
  );

/** How a table is most likely read. `unit` is the studio's, for files that name none. */
export function guessReading(
  table: Table,
  unit: Unit,
  liftOf: (name: string) => NamedLift | null,
): Guess {
  const head = headIn(table);
  const skip = head ? head.row + 1 : 0;
  const found = head ? columnsOf(table[head.row]!, head.named) : {};
  const loadsNamed = head?.named.filter((field) => field === 'load').length ?? 0;
  const under = head && found.lift === undefined && loadsNamed > 0 ? underNames(table, head) : [];
  const beside =
    under.length > 0
      ? under
      : head && found.lift === undefined
        ? asHeadings(table, head, liftOf)
        : head
          ? numberedSets(table[head.row]!, head.named, table.slice(skip))
          : [];
  const columns = { ...found };
  if (isCountOn(cellsAt(table, skip, columns.sets), cellsAt(table, skip, columns.lift)))
    delete columns.sets;
  if (beside.length > 0) {
    delete columns.load;
    delete columns.reps;
  }
  // Merged upward: a day's heading may stand a row above the others.
  if (head && columns.day === undefined) {
    const above = (table[head.row - 1] ?? []).findIndex((cell) => fieldOf(cell) === 'day');
    if (above >= 0) columns.day = above;
  }
  const loads =
    beside.length > 0
      ? beside.map(({ load }) => load)
      : [columns.load ?? -1].filter((at) => at >= 0);
  const said = unitOf(table, skip, loads);
  const { order, sure } = guessOrder(cellsAt(table, skip, columns.day));
  const comma = hasCommas(loads.flatMap((at) => cellsAt(table, skip, at)));
  return {
    reading: { skip, columns, beside, unit: said ?? unit, comma, days: order },
    unitUnsaid: said === null && columns.unit === undefined,
    daysUnsure: !sure,
    planned: (head ? table[head.row]! : []).filter(
      (cell) => isPlanned(cell) && namedBy(cell) !== null,
    ),
    rivals: head && beside.length === 0 ? rivalsOf(table[head.row]!, head.named, columns) : [],
  };
}
