import { toGrams, type Unit } from '@spalo/core/unit';
import type { FileProblem } from '../file-problem';
import type { RoomColumn, RoomRow } from './columns';

/** Reads one row's cells, noting what is wrong and going on, so that a file is judged whole. */
export class RoomCells {
  constructor(
    private readonly row: RoomRow,
    private readonly line: number,
    private readonly problems: FileProblem[],
  ) {}

  text(column: RoomColumn): string {
    return (this.row[column] ?? '').trim();
  }
  wrong(column: RoomColumn, message: string): void {
    this.problems.push({ row: this.line, column, message });
  }
  number(column: RoomColumn, fallback?: number): number {
    const text = this.text(column);
    if (text === '' && fallback !== undefined) return fallback;
    const value = Number(text.replace(',', '.'));
    if (text === '' || !Number.isFinite(value)) {
      this.wrong(column, text === '' ? 'Fill this in' : `“${text}” is not a number`);
      return 0;
    }
    return value;
  }
  one<T extends string>(column: RoomColumn, options: readonly T[], fallback?: T): T {
    const text = this.text(column);
    const found = options.find((option) => option.toLowerCase() === text.toLowerCase());
    if (found !== undefined) return found;
    if (text === '' && fallback !== undefined) return fallback;
    this.wrong(column, `One of: ${options.join(', ')}`);
    return options[0]!;
  }
  unit(): Unit {
    return this.one('unit', ['kg', 'lb'], 'kg');
  }
  mass(column: RoomColumn): number {
    return toGrams(this.number(column), this.unit());
  }
  parts(column: RoomColumn): string[] {
    return this.text(column)
      .split(/[;|]/)
      .map((part) => part.trim())
      .filter(Boolean);
  }
  numbers(column: RoomColumn): number[] {
    return this.parts(column).map((part) => {
      const value = Number(part.replace(',', '.'));
      if (!Number.isFinite(value)) this.wrong(column, `“${part}” is not a number`);
      return value;
    });
  }
}
