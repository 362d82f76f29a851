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

/** Steps coarser than this share of the load are met by reps: the range gives way by so many at its ends. */
const COARSE = 0.1;
const GIVES = { low: 1, high: 3 } as const;

/** The rep range for a load here: wider where the next load is far away. */
export function rangeHere(loads: Loads, loadG: Grams, range: RepRange): RepRange {
  const up = stepUp(loads, loadG);
  const down = stepDown(loads, loadG);
  const above = up !== null && up.loadG > loadG * (1 + COARSE);
  const under = down === null || down.loadG < loadG * (1 - COARSE);
  return {
    low: under ? Math.max(1, range.low - GIVES.low) : range.low,
    high: above ? range.high + GIVES.high : range.high,
  };
}
