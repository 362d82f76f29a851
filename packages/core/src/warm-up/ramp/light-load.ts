import type { Grams } from '../../unit/mass';

/** About this share of the working load is light, where the empty implement is not. */
const THIRD = 1 / 3;

/**
 * The load of the first set: the empty implement where that is a fifth to a half of the working load, else about a
 * third of it. `emptyG` null: there is no empty implement, as with bells and pins, which begin at a third. Grams.
 */
export function lightLoad(workingG: Grams, emptyG: Grams | null): Grams {
  const isLight = emptyG !== null && emptyG >= workingG / 5 && emptyG <= workingG / 2;
  return isLight ? emptyG : workingG * THIRD;
}
