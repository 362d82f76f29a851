/** How far this process's clock runs ahead of the machine's, in milliseconds; negative where it runs behind. */
let aheadMs = 0;

/**
 * What time it is, in milliseconds since 1970: the machine's time, or the time that `setClock` chose. The only place
 * that reads the machine's clock; what computes takes the time as an argument.
 */
export const nowMs = (): number => Date.now() + aheadMs;

/** What time it is, ISO 8601 in UTC. */
export const nowIso = (): string => new Date(nowMs()).toISOString();

/** How far the clock runs ahead of the machine's, in milliseconds. */
export const clockAheadMs = (): number => aheadMs;

/**
 * Lets the clock of this process go on from `moment` (ISO 8601; without a zone in the process's own), or from the
 * machine's time for null. For the demo and for tests. Throws a RangeError for what is no moment.
 */
export function setClock(moment: string | null): void {
  const chosen = moment === null ? Date.now() : Date.parse(moment);
  if (Number.isNaN(chosen)) throw new RangeError(`No moment that a clock can show: ${moment}`);
  aheadMs = chosen - Date.now();
}
