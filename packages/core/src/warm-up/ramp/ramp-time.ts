import { handlingBetween } from '../../plates/handling';
import type { Build } from '../../room/implement';

/** Seconds that a rep takes, and those that a slow light set's rep does. */
const REP_S = 3.5;
const SLOW_REP_S = 4.5;
/** Reps from which a warm-up set counts as the slow, light one. */
const SLOW_REPS = 8;

/** A set with what it needs for its time: its build (null where unknown) and the rest after it. */
export interface TimedSet {
  kind: 'warm-up' | 'working' | 'drop';
  reps: number;
  /** Seconds until the next set, the change of load included. */
  restS: number;
  build: Build | null;
  /** Seconds that the set itself takes where it is not counted in reps. */
  setS?: number;
}

/** What some sets take, in whole seconds. `changeS` is the part of it that goes into handling the load. */
export interface Duration {
  liftS: number;
  changeS: number;
  /** Rest beyond handling. */
  restS: number;
  totalS: number;
}

/** Seconds that a set takes. */
export const setSeconds = ({
  kind,
  reps,
  setS,
}: Pick<TimedSet, 'kind' | 'reps' | 'setS'>): number =>
  setS ?? reps * (kind === 'warm-up' && reps >= SLOW_REPS ? SLOW_REP_S : REP_S);

/**
 * How long sets take one after the other: reps × tempo, loading before the first, and after each the longer of its
 * rest and the change of load. `restAfterLast` false leaves out the rest after the last one.
 */
export function durationOf(
  sets: readonly TimedSet[],
  standing: Build | null,
  restAfterLast: boolean,
): Duration {
  let [liftS, changeS, restS] = [0, 0, 0];
  let on = standing;
  sets.forEach((set, index) => {
    const change = set.build ? handlingBetween(on, set.build).seconds : 0;
    changeS += change;
    if (index > 0) restS += Math.max(0, sets[index - 1]!.restS - change);
    liftS += setSeconds(set);
    on = set.build ?? on;
  });
  if (restAfterLast) restS += sets.at(-1)?.restS ?? 0;
  const whole = (seconds: number) => Math.round(seconds);
  return {
    liftS: whole(liftS),
    changeS: whole(changeS),
    restS: whole(restS),
    totalS: whole(liftS) + whole(changeS) + whole(restS),
  };
}
