import type { Grams } from '../unit/mass';
import type { Plate } from '../room/room';
import type { SleeveStock } from './sleeve-target';

/**
 * A cost is one number, so that comparing and adding stay cheap: moves first, then mass moved (24 bits of grams), then
 * distance from the ideals (18 bits of ten grams). Eleven bits are left for moves, and all 53 are exact in a double.
 */
export const MASS = 2 ** 18;
export const MOVE = 2 ** 42;
const OFF_UNIT_G = 10;

/** What handling one plate costs. */
export const moveCost = (massG: Grams) => MOVE + massG * MASS;
/** What a sum away from its ideal costs. */
export const offCost = (sum: Grams, idealG: Grams) =>
  Math.round(Math.abs(sum - idealG) / OFF_UNIT_G);

/** A kind of plate as the search sees it. `level` counts diameters, the largest 0: levels never fall outwards. */
export interface PlateKind {
  plate: Plate;
  massG: Grams;
  /** How many fit on one sleeve by the stock alone. */
  most: number;
  level: number;
  cost: number;
}

/** The kinds that may go on a sleeve, by level and then from heavy to light. */
export interface PlateKinds {
  all: readonly PlateKind[];
  /** Diameters from the largest; one at the least, so that a sleeve without any plate is a case like the others. */
  diameters: readonly number[];
  /** The first kind that may go on at a level or after it. */
  from: readonly number[];
  /** How many kinds a level has. */
  size: readonly number[];
}

export const sortedUnique = (values: readonly number[]) =>
  [...new Set(values)].sort((a, b) => a - b);

/** The kinds of a stock that are of use for sums up to `highestG`. */
export function plateKinds({ plates, share }: SleeveStock, highestG: Grams): PlateKinds {
  const known = sortedUnique(plates.map((plate) => plate.diameterMm)).reverse();
  const diameters = known.length > 0 ? known : [0];
  const all = plates
    .map((plate): PlateKind => ({
      plate,
      massG: plate.massG,
      most: Math.floor(plate.count / share),
      level: diameters.indexOf(plate.diameterMm),
      cost: moveCost(plate.massG),
    }))
    .filter((kind) => kind.most > 0 && kind.massG > 0 && kind.massG <= highestG)
    .sort((a, b) => a.level - b.level || b.massG - a.massG);
  return {
    all,
    diameters,
    from: diameters.map((_, level) => all.filter((kind) => kind.level < level).length),
    size: diameters.map((_, level) => all.filter((kind) => kind.level === level).length),
  };
}
