import type { Barbell, Plate } from '../room/room';
import { keeper } from '../unit/keeper';
import { sleeveOf, type Sleeve } from './sleeve';

/** What can hang from a belt or lie on a back, in millimetres of plates. */
export const ADDED_MM = 150;

/** The plates that fit; `fits` null means all. */
export const fitting = (plates: readonly Plate[], fits: string[] | null) =>
  fits === null ? plates : plates.filter((plate) => fits.includes(plate.id));

const sleeves = keeper<readonly Plate[], Sleeve>();

/** What one sleeve of a bar can carry from this stock; worked out once for a stock, which is never changed in place. */
export function barSleeve(bar: Barbell, plates: readonly Plate[], hands: 1 | 2 = 1): Sleeve {
  return sleeves(
    plates,
    `${bar.sleeveMm}/${hands}/${bar.fits === null ? 'all' : bar.fits.join()}`,
    () => sleeveOf(fitting(plates, bar.fits), 2 * hands, bar.sleeveMm),
  );
}
