import { atOrBelow, stepDown, stepUp, type Loads } from './loads';
import type { RepRange } from '../lift/lift';
import type { Grams } from '../unit/mass';

/** How far a load may move, as shares of it; a step is allowed where steps are coarser. */
export interface Reach {
  up: number;
  down: number;
}

/** Loads looked at within the reach: about one for each percent, since plates make thousands. */
const GRAIN = 0.0125;

/** What is made of a load and of each within reach of it, that of the load itself first. */
export function ofNearLoads<T>(
  loads: Loads,
  loadG: Grams,
  { up, down }: Reach,
  make: (loadG: Grams) => T,
): [T, ...T[]] {
  const found = new Set<Grams>();
  const offer = (wanted: number) => {
    const load = atOrBelow(loads, wanted);
    if (load && load.loadG >= loadG * (1 - down) && load.loadG <= loadG * (1 + up)) {
      found.add(load.loadG);
    }
  };
  for (let share = -down; share <= up + GRAIN / 2; share += GRAIN) offer(loadG * (1 + share));
  const [above, under] = [stepUp(loads, loadG), stepDown(loads, loadG)];
  if (above && up > 0) found.add(above.loadG);
  if (under && down > 0) found.add(under.loadG);
  found.delete(loadG);
  return [make(loadG), ...[...found].map(make)];
}

/** Steps coarser than this share of the load are met by reps: the range gives way at its ends. */
const COARSE = 0.1;
/** About so much of a load is a rep worth; a step is bridged by as many as it takes. */
const A_REP = 0.028;
/** By how many the range gives way at least, and up to how many reps: above, a load is too light for any goal. */
const GIVES = { low: 1, high: 3 } as const;
const MOST_REPS = 20;

/** The rep range for a load here: wider where the next load is far away, so that reps carry what loads cannot. */
export function rangeHere(loads: Loads, loadG: Grams, range: RepRange): RepRange {
  const up = stepUp(loads, loadG);
  const down = stepDown(loads, loadG);
  const step = up === null ? 0 : up.loadG / loadG - 1;
  const bridge = Math.min(MOST_REPS - range.high, Math.round(step / A_REP));
  const under = down === null || down.loadG < loadG * (1 - COARSE);
  return {
    low: under ? Math.max(1, range.low - GIVES.low) : range.low,
    high: step > COARSE ? range.high + Math.max(GIVES.high, bridge) : range.high,
  };
}
