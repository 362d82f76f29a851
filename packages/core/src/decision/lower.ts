import { atOrBelow, type Loads } from '../loads/loads';
import type { Grams } from '../unit/mass';

/** The heaviest load at or below a share of another; that one itself where there is none lighter. */
export function lowered(loads: Loads, loadG: Grams, share: number): Grams {
  const target = atOrBelow(loads, loadG * share);
  return target && target.loadG < loadG ? target.loadG : loadG;
}
