import type { Room } from '@spalo/core/room';

/** What is wrong with a file. `row` counts from 1 as a spreadsheet does, the heading included; null for the file. */
export interface FileProblem {
  row: number | null;
  column: string | null;
  message: string;
}

export type RoomFile = { room: Room } | { problems: FileProblem[] };
