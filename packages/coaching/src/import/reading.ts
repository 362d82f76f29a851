import type { Unit } from '@spalo/core/unit';
import type { DayOrder } from './days';

/** What a column of a file can hold. */
export const fields = [
  'day',
  'client',
  'lift',
  'load',
  'reps',
  'sets',
  'reserve',
  'effort',
  'unit',
  'warmUp',
  'note',
] as const;
export type Field = (typeof fields)[number];

/** Columns that hold sets beside each other: a lift's own, where a file has one row a day, or set by set of the row's lift. */
export interface LiftColumns {
  /** What the file calls the lift; empty for that of the row. */
  name: string;
  /** The column of its loads, or of whole sets ("60x8") where there is none for reps. */
  load: number;
  reps: number | null;
}

/** How a file is read: found out, corrected by hand, remembered for the next file with the same heading. */
export interface Reading {
  /** Rows before the first set: titles and headings. */
  skip: number;
  /** Which column holds what; absent where none does. */
  columns: Partial<Record<Field, number>>;
  /** Lifts, or sets, beside each other; empty where each row is a set. */
  beside: LiftColumns[];
  unit: Unit;
  /** Decimals behind a comma. */
  comma: boolean;
  days: DayOrder;
}

/** What of a reading was guessed and should be looked at. */
export interface Guess {
  reading: Reading;
  /** The file names no unit. */
  unitUnsaid: boolean;
  /** Its days read as well in another order. */
  daysUnsure: boolean;
  /** Headings of what was asked, not done: they are not taken. */
  planned: string[];
  /** What more than one column may hold. */
  rivals: Rival[];
}

/** Headings that may name the same, the one that is taken first. */
export interface Rival {
  field: Field;
  heads: string[];
}

/** The columns of a file by name, as the heading has them. */
export const headingOf = (heads: readonly (readonly string[])[]): string =>
  heads
    .map((row) => row.join('|'))
    .join('/')
    .toLowerCase()
    .slice(0, 2000);
