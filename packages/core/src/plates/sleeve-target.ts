import type { Grams } from '../unit/mass';
import type { Plate } from '../room/room';

/** What one sleeve must hold for one set: a sum between two bounds, as near as may be to its ideal. All of one sleeve. */
export interface SleeveTarget {
  lowG: Grams;
  highG: Grams;
  idealG: Grams;
}

/** The sleeve that a path is sought on. */
export interface SleeveStock {
  plates: readonly Plate[];
  /** How many single plates one more on this sleeve costs: 2 for a bar, 4 for two handles, 1 for one horn. */
  share: number;
  sleeveMm: number;
}
