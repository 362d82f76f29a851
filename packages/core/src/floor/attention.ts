/** What makes a set worth watching: how much it adds, 0 to 1, and how that is said. */
export interface Reason {
  weight: number;
  says: string;
}

/** A set that somebody is about to do, as whoever watches the floor sees it. */
export interface ComingSet {
  id: string;
  /** When it can begin (ms): the rest is over and the load is made. */
  readyMs: number;
  /** How long it takes. */
  seconds: number;
  /** Why it is worth watching, the most telling first; empty for one that is routine. */
  reasons: readonly Reason[];
}

/** A set with when it is best begun, and whether somebody can watch it then. */
export interface Watch {
  id: string;
  /** 0 to 1. */
  worth: number;
  /** The most telling reason; empty for a routine set. */
  why: string;
  startMs: number;
  /** Seconds that it waits for another set to be over, so that both are watched. */
  waitS: number;
  watched: boolean;
}

/** From here on a set is worth watching; below it somebody looks over in passing. */
export const WORTH_WATCHING = 0.3;
/** Nobody waits longer than this to be watched. */
const MOST_WAIT_S = 60;
/** From one client to the next. */
const WALK_S = 5;

/** What several reasons come to: each takes its share of what the others leave. */
export const worthOfWatching = (reasons: readonly Reason[]): number =>
  1 - reasons.reduce((left, { weight }) => left * (1 - weight), 1);

/** Longer than this nobody should train without being watched for a set. */
export const LONGEST_UNSEEN_MS = 20 * 60_000;
/** It becomes a reason this long before: the next set may be a rest away. */
const UNSEEN_AHEAD_MS = 6 * 60_000;
/** A session without a set for so long was left open: nobody trains in it. */
const LEFT_OPEN_MS = 2 * 3_600_000;
/** Enough to be worth watching whatever the set. */
const UNSEEN_WEIGHT = 0.35;

/** That somebody has not been watched for too long is a reason of its own. `sinceMs`: when they were last. */
export function unseenReason(sinceMs: number, nowMs: number): Reason | null {
  const forMs = nowMs - sinceMs;
  if (forMs < LONGEST_UNSEEN_MS - UNSEEN_AHEAD_MS || forMs > LEFT_OPEN_MS) return null;
  return { weight: UNSEEN_WEIGHT, says: `not watched for ${Math.floor(forMs / 60_000)} min` };
}

interface Taken {
  from: number;
  to: number;
}

/** The earliest start from `readyMs` on that overlaps with nothing that is watched; null where that is too late. */
function freeFrom(readyMs: number, lengthMs: number, taken: readonly Taken[]): number | null {
  const starts = [readyMs, ...taken.map(({ to }) => to)].filter((start) => start >= readyMs);
  const free = starts
    .sort((a, b) => a - b)
    .find((start) => taken.every(({ from, to }) => start + lengthMs <= from || start >= to));
  return free !== undefined && free - readyMs <= MOST_WAIT_S * 1000 ? free : null;
}

const lengthOf = (seconds: number): number => (seconds + WALK_S) * 1000;

/** Until when whoever watches is with a set that has begun (ms). */
export const watchedUntil = ({ seconds }: Pick<ComingSet, 'seconds'>, sinceMs: number): number =>
  sinceMs + lengthOf(seconds);

/**
 * Whom to watch and when: the set that is worth most has its time first, those behind it wait until it is over, a minute at
 * most; one that cannot be fitted in begins when it is ready, unwatched. In the order of their beginning. `nowMs` is the
 * clock, `busyMs` until when whoever watches is with a set that has begun. A greedy rule, which can be followed on a floor.
 */
export function planWatching(
  sets: readonly ComingSet[],
  nowMs: number,
  busyMs: number = nowMs,
): Watch[] {
  const taken: Taken[] = busyMs > nowMs ? [{ from: nowMs, to: busyMs }] : [];
  const judged = sets
    .map((set) => ({ ...set, worth: worthOfWatching(set.reasons) }))
    .sort((a, b) => b.worth - a.worth || a.readyMs - b.readyMs);
  const plan = judged.map(({ id, readyMs, seconds, reasons, worth }): Watch => {
    const ready = Math.max(readyMs, nowMs);
    const why = reasons[0]?.says ?? '';
    const lengthMs = lengthOf(seconds);
    const start = worth >= WORTH_WATCHING ? freeFrom(ready, lengthMs, taken) : null;
    if (start === null) return { id, worth, why, startMs: ready, waitS: 0, watched: false };
    taken.push({ from: start, to: start + lengthMs });
    const waitS = Math.round((start - ready) / 1000);
    return { id, worth, why, startMs: start, waitS, watched: true };
  });
  return plan.sort((a, b) => a.startMs - b.startMs);
}
