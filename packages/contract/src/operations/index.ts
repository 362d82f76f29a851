import { accountOperations } from './account';
import { calendarOperations } from './calendar';
import { clientOperations } from './client';
import { filmOperations } from './film';
import { logOperations } from './log';
import { recordOperations } from './record';
import { studioOperations } from './studio';

export { FILM_PIECE_BYTES } from './film';
export { MAX_EVENTS } from './log';
export { MAX_IMPORTED } from './record';
export type { Operation } from './operation';
export { problems, problemType, type ProblemKind } from './problems';

export const API_BASE = '/api/v1';

/** Every operation of the API, by name: plain data, so that a caller need not load what checks it. */
export const operations = {
  ...accountOperations,
  ...clientOperations,
  ...studioOperations,
  ...filmOperations,
  ...calendarOperations,
  ...logOperations,
  ...recordOperations,
};
