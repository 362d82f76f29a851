import { teachHere, teachingOf } from '@spalo/catalog';
import {
  guessReading,
  headingOf,
  liftFinder,
  MOST_ROWS,
  readSets,
  type FileSets,
  type Guess,
  type NamedLift,
  type Reading,
  type Table,
} from '@spalo/coaching/import';
import type { ImportFacts } from '@spalo/contract';
import { MAX_IMPORTED } from '@spalo/contract/operations';
import type { OwnLift } from '@spalo/core/technique';
import type { Unit } from '@spalo/core/unit';
import type { NamedTable } from './tables-in';

/** A name that a file uses, and how many of its sets bear it. */
export interface NameInFile {
  name: string;
  sets: number;
}
export interface LiftInFile extends NameInFile {
  found: NamedLift | null;
}

/** What a file comes to, read as it is: all but the sets themselves, which stay where it was read. */
export interface FileView {
  /** The sheets of a workbook, and the one that is read; a text has one without a name. */
  sheets: string[];
  sheet: number;
  guess: Guess;
  reading: Reading;
  /** What it is known again by. */
  heading: string;
  /** Its first rows as they stand there. */
  sample: string[][];
  rows: number;
  sets: number;
  first: FileSets['sets'];
  faults: FileSets['faults'];
  doubts: FileSets['doubts'];
  passedOver: number;
  lifts: LiftInFile[];
  clients: NameInFile[];
}

/** Whom and what the names of a file mean; null for what is left out. */
export interface Meant {
  fileName: string;
  liftOf: Record<string, string | null>;
  clientOf: Record<string, string | null>;
  /** Rows that are left out. */
  without: number[];
}

/** Where it is read. */
export interface Here {
  unit: Unit;
  /** The last day that can have been (YYYY-MM-DD). */
  today: string;
  own: readonly OwnLift[];
}

const SAMPLE = 12;
const FIRST = 40;

const named = (names: readonly string[]): NameInFile[] => {
  const counts = new Map<string, number>();
  for (const name of names) counts.set(name, (counts.get(name) ?? 0) + 1);
  return [...counts].map(([name, sets]) => ({ name, sets }));
};

/** A file that is read, also several times until it is right. */
export class OpenFile {
  private sets: FileSets['sets'] = [];
  private sheet = 0;

  /** Throws, in words, for what is far too long. */
  constructor(private readonly tables: readonly NamedTable[]) {
    for (const { table } of tables)
      if (table.length > MOST_ROWS)
        throw new Error(`More than ${MOST_ROWS} rows; bring it in in parts`);
  }

  private get table(): Table {
    return this.tables[this.sheet]!.table;
  }

  /** Takes another of its sheets, by place; the one that holds most sets where it is null. */
  choose(sheet: number | null, { unit, today }: Here): void {
    const liftOf = liftFinder();
    const setsIn = ({ table }: NamedTable) =>
      readSets(table, guessReading(table, unit, liftOf).reading, today).sets.length;
    const counts = sheet === null && this.tables.length > 1 ? this.tables.map(setsIn) : [0];
    this.sheet = sheet ?? counts.indexOf(Math.max(...counts));
  }

  /** Reads the file: as `wanted`, or where that is null as it is most likely meant. */
  read(wanted: Reading | null, { unit, today, own }: Here): FileView {
    teachHere(teachingOf(own));
    const liftOf = liftFinder();
    const guess = guessReading(this.table, unit, liftOf);
    const reading = wanted ?? guess.reading;
    const { sets, ...rest } = readSets(this.table, reading, today);
    this.sets = sets;
    if (sets.length > MAX_IMPORTED)
      throw new Error(
        `${sets.length} sets, and at most ${MAX_IMPORTED} at once: bring it in in parts`,
      );
    return {
      ...rest,
      guess,
      reading,
      sheets: this.tables.map(({ name }) => name),
      sheet: this.sheet,
      heading: headingOf(this.table.slice(0, guess.reading.skip)),
      sample: this.table.slice(0, SAMPLE).map((row) => [...row]),
      rows: this.table.length,
      sets: sets.length,
      first: sets.slice(0, FIRST),
      lifts: named(sets.map(({ lift }) => lift)).map((each) => ({
        ...each,
        found: liftOf(each.name),
      })),
      clients: named(sets.map(({ client }) => client)),
    };
  }

  /** What is to be brought in: a client's lift together. */
  facts({ fileName, liftOf, clientOf, without }: Meant): ImportFacts {
    const left = new Set(without);
    const groups = new Map<string, ImportFacts['lifts'][number]>();
    for (const { row, client, lift, day, loadG, reps, rir, note } of this.sets) {
      const [clientId, liftId] = [clientOf[client], liftOf[lift]];
      if (!clientId || !liftId || left.has(row)) continue;
      const key = `${clientId}/${liftId}`;
      const group = groups.get(key) ?? { clientId, liftId, sets: [] };
      group.sets.push({ day, loadG, reps, rir, note });
      groups.set(key, group);
    }
    return { fileName, lifts: [...groups.values()] };
  }
}
