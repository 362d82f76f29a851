import type { Grams } from '../unit/mass';

/** A rep that was not clean, counted from 1, and the fault seen in it. */
export interface Mark {
  rep: number;
  faultId: string;
  /** The style that the fault is of; the lift's planned one in logs from before it was kept. */
  styleId?: string;
}

/** What was done in a set, as seen and said. */
export interface SetResult {
  loadG: Grams;
  reps: number;
  cleanReps: number;
  marks: Mark[];
  /** Clean reps left; 4 means "4 or more"; null where it was not asked, as in warm-up sets. */
  rir: number | null;
}

/** Only the result of something that carries more. */
export const resultOnly = ({ loadG, reps, cleanReps, marks, rir }: SetResult): SetResult => ({
  loadG,
  reps,
  cleanReps,
  marks,
  rir,
});
