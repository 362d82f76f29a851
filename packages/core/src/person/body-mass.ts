import type { Grams } from '../unit/mass';

/** Between two measurements of a client nobody gains or loses more than this share. */
const USUAL_CHANGE = 0.15;

/** Whether a body mass is so far from the one before that it is asked about: a slip of the finger more likely than not. */
export const isUnlikelyMass = (massG: Grams, beforeG: Grams): boolean =>
  Math.abs(massG - beforeG) > beforeG * USUAL_CHANGE;
