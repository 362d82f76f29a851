import type { Room } from '@spalo/core/room';
import { z } from 'zod';
import { room } from '../../resources/room';
import type { FileProblem, RoomFile } from '../file-problem';
import { roomFromCsv } from './from-csv';

const roomDocument = z.object({
  format: z.literal('spalo-room', 'Not a room made by Spalo'),
  version: z.literal(1, 'A version that this Spalo does not know'),
  room,
});

/** A room as an open JSON document. */
export function roomToJson(value: Room): string {
  return JSON.stringify({ format: 'spalo-room', version: 1, room: value }, null, 2);
}

function fromJson(text: string, makeId: () => string): RoomFile {
  const wrong = (path: string | null, message: string): FileProblem => ({
    row: null,
    column: path,
    message,
  });
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    return { problems: [wrong(null, 'This is not JSON')] };
  }
  const checked = roomDocument.safeParse(value);
  if (!checked.success) {
    return {
      problems: checked.error.issues
        .slice(0, 50)
        .map((issue) => wrong(issue.path.join('.'), issue.message)),
    };
  }
  return { room: { ...checked.data.room, id: makeId() } };
}

/**
 * A room from a file's text, CSV or JSON by its first character. All or nothing: either a whole room that keeps to the
 * contract, under a new id, or everything that is wrong with the file.
 */
export function readRoomFile(text: string, makeId: () => string): RoomFile {
  const trimmed = text.replace(/^\uFEFF/, '').trim();
  if (trimmed === '')
    return { problems: [{ row: null, column: null, message: 'The file is empty' }] };
  return trimmed.startsWith('{') ? fromJson(trimmed, makeId) : roomFromCsv(trimmed, makeId);
}
