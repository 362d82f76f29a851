import { ADDED_MM } from '../plates/bar-sleeve';
import { sleeveOf } from '../plates/sleeve';
import type { Plate } from '../room/room';
import type { Grams } from '../unit/mass';
import { plated, type Loads } from './loads';

/** A share of the body, with plates on a belt or a back. */
export const bodyLoads = (plates: readonly Plate[], bodyG: Grams): Loads =>
  plated(sleeveOf(plates, 1, ADDED_MM), bodyG, 1, (added) => ({ kind: 'body', added }));
