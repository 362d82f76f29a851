import type { Loadable } from '../room/implement';
import type { Barbell, Plate } from '../room/room';
import type { Grams } from '../unit/mass';

/** A bar with a sum on each sleeve as a load that exists; null where there is no such sum. */
export function barLoad(
  bar: Barbell,
  sum: Grams | null,
  plates: (sum: Grams) => Plate[],
): Loadable | null {
  if (sum === null) return null;
  return {
    loadG: bar.massG + 2 * sum,
    build: { kind: 'barbell', bar, perSide: plates(sum), hands: 1 },
  };
}
