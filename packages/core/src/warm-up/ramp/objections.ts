import { percentText } from '../../unit/language';
import type { Grams } from '../../unit/mass';
import { FEW_REPS } from './step';
import { stepMost } from './step-limit';
import { WARM_UP_LIMIT } from './windows';

/** A warm-up set as a coach sees it. */
export interface SeenSet {
  loadG: Grams;
  reps: number;
}

const percent = (part: number, whole: number) => percentText(part / whole);

/**
 * What a coach would not let pass in a ramp, in words; none for a good one. `exists` says whether a load exists
 * between two others, so that a room with few of them is not blamed. Loads in grams.
 */
export function objections(
  ramp: readonly SeenSet[],
  working: SeenSet,
  exists: (aboveG: Grams, belowG: Grams) => boolean,
): string[] {
  const found: string[] = [];
  const { loadG: workingG, reps: workingReps } = working;
  ramp.forEach(({ loadG, reps }, at) => {
    const share = loadG / workingG;
    const before = ramp[at - 1];
    if (share > 0.85 && reps > Math.max(1, workingReps / 2)) {
      found.push(`${reps} reps at ${percent(loadG, workingG)} before a set of ${workingReps}`);
    }
    if (share > 0.9 && workingReps <= FEW_REPS && reps > 1) {
      found.push(`${reps} reps at ${percent(loadG, workingG)} before a heavy ${workingReps}`);
    }
    if (share > 0.95 && workingReps <= FEW_REPS) {
      found.push(`${percent(loadG, workingG)} of a heavy ${workingReps} before it`);
    }
    if (before && loadG <= before.loadG) found.push('a load that does not rise');
    if (before && reps > before.reps) found.push('reps that rise');
  });
  const most = stepMost(workingG) + 1;
  ramp.forEach(({ loadG }, at) => {
    const next = ramp[at + 1]?.loadG ?? workingG;
    if (next - loadG > most && exists(loadG, Math.min(next, workingG * WARM_UP_LIMIT))) {
      found.push(`a step of ${percent(next - loadG, workingG)}`);
    }
  });
  return found;
}
