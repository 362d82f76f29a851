import type { Grams } from '@spalo/core/unit';
import { loadOf, repsOf, reserveOf, setsOf, unitIn, type CellSet } from './cells';
import { dayOf } from './days';
import { WARM_UP } from './head-words';
import { plainText } from './plain-text';
import type { Field, LiftColumns, Reading } from './reading';
import { columnLetters, type Table } from './table';

/** A set as a file has it, with the names that it uses. */
export interface FileSet {
  /** The row that it stands in, as the spreadsheet counts. */
  row: number;
  day: string;
  /** Empty where the file names nobody. */
  client: string;
  lift: string;
  loadG: Grams;
  reps: number;
  rir: number | null;
  note: string;
}

/** A row that cannot be read, or should be looked at. */
export interface RowNote {
  row: number;
  /** The column's letters; empty for the row as a whole. */
  column: string;
  message: string;
}

/** What a file holds as it is read. */
export interface FileSets {
  sets: FileSet[];
  /** Rows of which nothing can be taken. */
  faults: RowNote[];
  /** Rows that read, and look like slips. */
  doubts: RowNote[];
  /** Rows that are no sets: titles, totals, remarks. */
  passedOver: number;
}

const MOST_G = 1_000_000;
const MOST_REPS = 600;
/** A column in which so many rows are empty was merged: what stands above goes on. */
const MERGED = 0.2;
const NOTE = 300;

class Reader {
  readonly sets: FileSet[] = [];
  readonly faults: RowNote[] = [];
  passedOver = 0;
  /** What stood last in the columns that are merged over several rows. */
  private readonly last: Partial<Record<Field, string>> = {};
  private readonly goesOn: ReadonlySet<Field>;
  private row = 0;
  private cells: readonly string[] = [];

  constructor(
    table: Table,
    private readonly reading: Reading,
    /** The last day that can have been, 2026-11-24. */
    private readonly today: string,
  ) {
    const rows = table.slice(reading.skip).filter((row) => row.some((cell) => cell !== ''));
    const empty = (field: Field) => {
      const at = reading.columns[field];
      return at === undefined ? 0 : rows.filter((row) => (row[at] ?? '') === '').length;
    };
    this.goesOn = new Set(
      (['day', 'client', 'lift'] as const).filter((field) => empty(field) > MERGED * rows.length),
    );
  }

  private cell(field: Field): string {
    const at = this.reading.columns[field];
    return at === undefined ? '' : (this.cells[at] ?? '');
  }

  private fault(message: string, column?: number): null {
    const letters = column === undefined ? '' : columnLetters(column);
    this.faults.push({ row: this.row, column: letters, message });
    return null;
  }

  /** A cell, or what stands above it where its column is merged. */
  private carried(field: Field): string {
    const cell = this.cell(field);
    if (cell !== '') this.last[field] = cell;
    return cell === '' && this.goesOn.has(field) ? (this.last[field] ?? '') : cell;
  }

  private day(): string | null {
    const at = this.reading.columns.day;
    const cell = this.carried('day');
    if (cell === '') return this.fault('No day', at);
    const day = dayOf(cell, this.reading.days);
    if (day === null) return this.fault(`“${cell}” is no day`, at);
    return day > this.today ? this.fault(`${day} is still to come`, at) : day;
  }

  /** The sets of a lift in this row; null where they cannot be read, none where there are none. */
  private setsAt({ load, reps }: Pick<LiftColumns, 'load' | 'reps'>): CellSet[] | null {
    const cell = this.cells[load] ?? '';
    const unit = unitIn(this.cell('unit')) ?? this.reading.unit;
    const writing = { unit, comma: this.reading.comma };
    const count = reps === null ? '' : (this.cells[reps] ?? '');
    if (cell === '' && count === '') return [];
    // Of sets that share one load the later ones were not all done.
    const sharing = this.reading.beside.filter((each) => each.load === load);
    if (count === '' && sharing.length > 1) return [];
    const whole = count === '' ? setsOf(cell, writing) : null;
    if (whole) return whole;
    const loadG = loadOf(cell, writing);
    if (loadG === null) return this.fault(cell === '' ? 'No load' : `“${cell}” is no load`, load);
    if (reps === null) return this.fault(`“${cell}” says no reps`, load);
    if (count === '') return this.fault('No reps', reps);
    const each = repsOf(count);
    if (!each) return this.fault(`“${count}” is no number of reps`, reps);
    const times = this.cell('sets');
    const sets = times === '' || each.length > 1 ? 1 : Number(times);
    if (!Number.isInteger(sets) || sets < 1 || sets > 30) {
      return this.fault(`“${times}” is no number of sets`, this.reading.columns.sets);
    }
    return Array.from({ length: sets }, () => each).flatMap((all) =>
      all.map((one) => ({ loadG, reps: one })),
    );
  }

  private take(lift: string, column: number, found: readonly CellSet[], day: string): void {
    const effort = this.cell('effort');
    const rir = effort === '' ? reserveOf(this.cell('reserve'), false) : reserveOf(effort, true);
    for (const { loadG, reps } of found) {
      if (reps === 0) continue;
      if (loadG > MOST_G || reps > MOST_REPS) {
        this.fault('More than anybody lifts', column);
        return;
      }
      const note = this.cell('note').slice(0, NOTE);
      const client = this.carried('client');
      this.sets.push({ row: this.row, day, client, lift, loadG, reps, rir, note });
    }
  }

  read(cells: readonly string[], row: number): void {
    this.row = row;
    this.cells = cells;
    const filled = cells.filter((cell) => cell !== '').length;
    if (filled === 0) return;
    const { beside, columns } = this.reading;
    this.carried('client');
    const lift = this.carried('lift');
    const places =
      beside.length > 0
        ? beside
        : [{ name: lift, load: columns.load ?? -1, reps: columns.reps ?? null }];
    const isSet = places.some(
      ({ load, reps }) =>
        (cells[load] ?? '') !== '' || (reps !== null && (cells[reps] ?? '') !== ''),
    );
    if (!isSet || /^(sub)?total|^average|^sum\b/i.test(cells.find((cell) => cell !== '')!)) {
      this.carried('day');
      this.passedOver += 1;
      return;
    }
    if (WARM_UP.test(plainText(this.cell('warmUp')))) {
      this.carried('day');
      this.passedOver += 1;
      return;
    }
    const day = this.day();
    if (day === null) return;
    for (const each of places) {
      const place = { ...each, name: each.name || lift };
      const found = this.setsAt(place);
      if (!found || found.length === 0) continue;
      if (place.name === '') this.fault('No lift', columns.lift);
      else this.take(place.name, place.load, found, day);
    }
  }
}

const FAR = 2.5;
const ENOUGH = 5;

/** Sets that look like slips: far heavier than the others of their lift and client. */
function doubtsIn(sets: readonly FileSet[]): RowNote[] {
  const groups = new Map<string, FileSet[]>();
  for (const set of sets) {
    const key = `${set.client}\n${set.lift}`;
    const known = groups.get(key);
    if (known) known.push(set);
    else groups.set(key, [set]);
  }
  return [...groups.values()].flatMap((group) => {
    const loads = group.map(({ loadG }) => loadG).sort((a, b) => a - b);
    const middle = loads[loads.length >> 1]!;
    return group.flatMap(({ row, loadG, reps }) => {
      const heavy = group.length >= ENOUGH && middle > 0 && loadG > middle * FAR;
      if (heavy) {
        const times = (loadG / middle).toFixed(1);
        return [{ row, column: '', message: `${times} times as heavy as this lift usually is` }];
      }
      return reps > 100 ? [{ row, column: '', message: `${reps} reps in one set` }] : [];
    });
  });
}

/** The sets of a table, read as `reading` says, with what cannot be read and what looks like a slip. */
export function readSets(table: Table, reading: Reading, today: string): FileSets {
  const reader = new Reader(table, reading, today);
  table.forEach((cells, at) => {
    if (at >= reading.skip) reader.read(cells, at + 1);
  });
  const { sets, faults, passedOver } = reader;
  return { sets, faults, passedOver, doubts: doubtsIn(sets) };
}
