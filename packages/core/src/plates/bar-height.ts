import { FULL_PLATE_MM, type Plate } from '../room/room';

/** How far below a full plate's height the bar lies on these plates, in millimetres; 0 when full plates are on. */
export function barDropMm(perSide: readonly Plate[]): number {
  const largest = Math.max(0, ...perSide.map((plate) => plate.diameterMm));
  return Math.max(0, (FULL_PLATE_MM - largest) / 2);
}
