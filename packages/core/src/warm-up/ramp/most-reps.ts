import type { Grams } from '../../unit/mass';
import { FEW_REPS } from './step';

/** Shares of the working load from which a set may take fewer reps, and how many. */
const NEAR = { heavy: 0.55, close: 0.65, closer: 0.85, closest: 0.9 } as const;
/** Work of so few reps is heavy: sets on the way to it are kept short. */
const HEAVY_REPS = 5;

/** Most reps that a set so close to the working load may take without tiring the client for it. Loads in grams. */
export function mostReps(loadG: Grams, workingG: Grams, workingReps: number): number {
  const share = loadG / workingG;
  if (share > NEAR.closest && workingReps <= FEW_REPS) return 1;
  if (share > NEAR.closer) return Math.max(1, Math.floor(workingReps / 2));
  if (share > NEAR.close) return Math.max(3, Math.floor(workingReps * 0.75));
  return share > NEAR.heavy && workingReps <= HEAVY_REPS ? 5 : Infinity;
}
