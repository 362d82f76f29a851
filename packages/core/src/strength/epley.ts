import type { Grams } from '../unit/mass';

/** Reps that double the share lost, in Epley's formula. */
const EPLEY_REPS = 30;

/**
 * Estimated 1RM in grams from a load and the reps that could be done with it (Epley, 1985):
 * 1RM = w (1 + r / 30). `repsToLimit` counts clean reps done plus reps in reserve; 1–20 is where
 * the formula was made for, above it overestimates.
 */
export function estimatedOneRepMax(loadG: Grams, repsToLimit: number): Grams {
  return loadG * (1 + repsToLimit / EPLEY_REPS);
}

/** The load in grams (not snapped to equipment) for `repsToLimit` reps to the limit: the inverse of Epley (1985). */
export function loadForReps(oneRepMaxG: Grams, repsToLimit: number): Grams {
  return oneRepMaxG / (1 + repsToLimit / EPLEY_REPS);
}
