import { barSleeve } from '../plates/bar-sleeve';
import type { Barbell, Plate } from '../room/room';
import { plated, type Loads } from './loads';

/** The loads of one bar, or of two equal handles; each with the fewest plates. */
export function barLoads(bar: Barbell, plates: readonly Plate[], hands: 1 | 2 = 1): Loads {
  return plated(barSleeve(bar, plates, hands), bar.massG, 2, (perSide) => ({
    kind: 'barbell',
    bar,
    perSide,
    hands,
  }));
}
