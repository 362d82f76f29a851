import type { Lift } from '../../lift/lift';
import { BETWEEN_LIFTS_S, restBetweenWork } from '../../lift/rest';
import type { LoadedLift } from '../../session/plan';
import { CLIMB_SETS } from '../time/duration';

/** Seconds of a working set, done and written down. */
const SET_S = 45;
/** Seconds of warm-up sets before a lift whose load is known, by what it demands. */
const RAMP_S = { small: 60, press: 180, squat: 300, 'floor-pull': 300 } as const;

/** About how long a lift takes whose ramp is not planned yet, seconds; a climb needs none. */
export function likelySeconds(loaded: LoadedLift, { restClass }: Pick<Lift, 'restClass'>): number {
  const sets = loaded.climb ? Math.max(loaded.sets, CLIMB_SETS) : loaded.sets;
  const restS = restBetweenWork({ loadG: loaded.loadG, reps: loaded.reps, restClass });
  const ramp = loaded.climb || loaded.counted ? 0 : RAMP_S[restClass];
  return ramp + sets * SET_S + (sets - 1) * restS;
}

/** From when to when each of some lifts is done, one after the other from `startS` on, seconds. */
export function windowsFrom(startS: number, seconds: readonly number[]): [number, number][] {
  let at = startS;
  return seconds.map((each) => {
    const window: [number, number] = [at, at + each];
    at += each + BETWEEN_LIFTS_S;
    return window;
  });
}
