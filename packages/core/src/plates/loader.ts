import type { Loadable } from '../room/implement';
import type { Barbell, Plate } from '../room/room';
import { keeper } from '../unit/keeper';
import type { Grams } from '../unit/mass';
import { barLoad } from './bar-load';
import { barSleeve } from './bar-sleeve';

/** What stands in the way of a load. */
export type LoadObstacle =
  /** The target is lighter than the bar without plates. */
  | { kind: 'below the bar' }
  /** With longer sleeves the plates would reach further: this is where the sleeve ends. */
  | { kind: 'sleeve too short'; mostG: Grams }
  /** All plates that fit are on. */
  | { kind: 'plates run out'; mostG: Grams }
  /** The target would exist if this plate had its pair. */
  | { kind: 'plate without its pair'; plate: Plate }
  /** These plates make more loads than can be tried: others may lie closer. */
  | { kind: 'too many loads' };

/** The nearest loads round a target on one bar. `below` is null under the empty bar, `above` over everything. */
export interface BarAnswer {
  below: Loadable | null;
  above: Loadable | null;
  /** Both are the target itself. */
  exact: boolean;
  obstacles: LoadObstacle[];
}

const paired = keeper<readonly Plate[], readonly Plate[]>();

/** The stock with one more of an odd plate; the same list each time, so that what is worked out for it is kept. */
const withItsPair = (plates: readonly Plate[], odd: Plate): readonly Plate[] =>
  paired(plates, odd.id, () =>
    plates.map((each) => (each === odd ? { ...each, count: each.count + 1 } : each)),
  );

/**
 * What a bar can carry at and around `targetG` from this stock, and what stands in the way of the target itself.
 * Masses in grams, implement included. Exact, but for stocks of so many odd
 * masses that it says so; one table over the plate kinds answers everything.
 */
export function loadBar(bar: Barbell, plates: readonly Plate[], targetG: Grams): BarAnswer {
  const sleeve = barSleeve(bar, plates);
  const side = (targetG - bar.massG) / 2;
  const belowSum = sleeve.atOrBelow(side);
  const aboveSum = sleeve.atOrAbove(side);
  const exact = belowSum !== null && belowSum === aboveSum;
  const obstacles: LoadObstacle[] = [];
  if (side < 0) obstacles.push({ kind: 'below the bar' });
  if (aboveSum === null) {
    const mostG = bar.massG + 2 * (belowSum ?? 0);
    const usable = plates.filter((plate) => bar.fits === null || bar.fits.includes(plate.id));
    const allOn = usable.reduce((sum, each) => sum + Math.floor(each.count / 2) * each.massG, 0);
    const further = allOn > (belowSum ?? 0);
    obstacles.push({ kind: further ? 'sleeve too short' : 'plates run out', mostG });
  }
  if (!exact && !sleeve.whole) obstacles.push({ kind: 'too many loads' });
  if (!exact && side >= 0 && sleeve.whole) {
    const single = plates.find(
      (plate) =>
        plate.count % 2 === 1 &&
        barSleeve(bar, withItsPair(plates, plate)).atOrBelow(side) === side,
    );
    if (single) obstacles.push({ kind: 'plate without its pair', plate: single });
  }
  return {
    below: barLoad(bar, belowSum, sleeve.plates),
    above: barLoad(bar, aboveSum, sleeve.plates),
    exact,
    obstacles,
  };
}
