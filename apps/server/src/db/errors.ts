/** An error and what it was caused by, outermost first. */
function* chain(error: unknown): Generator<Error> {
  for (let each = error; each instanceof Error; each = each.cause) yield each;
}

/** The SQLSTATE of a database error, wherever the query builder wrapped it. */
function sqlState(error: unknown): string | undefined {
  for (const each of chain(error)) {
    const { code } = each as { code?: unknown };
    if (typeof code === 'string' && /^[0-9A-Z]{5}$/.test(code)) return code;
  }
  return undefined;
}

export const isUniqueViolation = (error: unknown) => sqlState(error) === '23505';

/** Connection exceptions, and a server that shuts down, crashed or is starting. */
const AWAY_STATES = /^(08...|57P0[123])$/;
const AWAY_CODES = new Set(['ECONNREFUSED', 'ECONNRESET', 'EPIPE', 'ETIMEDOUT']);
const AWAY_WORDS =
  /Connection terminated|timeout exceeded when trying to connect|Client has encountered a connection error/;

/** Whether the database could not be reached, or was lost on the way: the same request may work in a moment. */
export function isDatabaseAway(error: unknown): boolean {
  if (AWAY_STATES.test(sqlState(error) ?? '')) return true;
  return [...chain(error)].some(
    (each) =>
      AWAY_CODES.has(String((each as { code?: unknown }).code)) || AWAY_WORDS.test(each.message),
  );
}

/** Whether there is no room on a disk, the database's or the server's own. */
export const isDiskFull = (error: unknown): boolean =>
  sqlState(error) === '53100' ||
  [...chain(error)].some((each) => (each as { code?: unknown }).code === 'ENOSPC');

/**
 * What may be written into a log of an error: its names, its SQLSTATE and where it happened. Never its message: that of
 * a failed query holds the values it was asked with, and those are people's health.
 */
export function loggable(error: unknown) {
  const first = error instanceof Error ? error : null;
  return {
    names: [...chain(error)].map(({ name }) => name),
    sqlState: sqlState(error),
    at: first?.stack
      ?.split('\n')
      .filter((line) => /^\s+at /.test(line))
      .slice(0, 12),
  };
}

/** Whether the database refused what was to be written: a value that it cannot hold, or one that refers to nothing. */
export const isDataFault = (error: unknown): boolean => /^2[23]/.test(sqlState(error) ?? '');
