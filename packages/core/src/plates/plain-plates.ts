import type { Plate } from '../room/room';
import type { Unit } from '../unit/mass';

/** The plates of one unit, where a room has those of both; null where there is nothing to choose. */
export function plainPlates(plates: readonly Plate[], unit: Unit): Plate[] | null {
  const plain = plates.filter((plate) => plate.unit === unit);
  return plain.length > 0 && plain.length < plates.length ? plain : null;
}
