import type { Grams } from '../mass';

/** counts: as done; bound: it could have gone on (pain or another reason ended it); left out: not representative. */
export type Standing = 'counts' | 'bound' | 'left out';

/** A working set done before, as evidence. `rir` 4 means "4 or more"; null means nobody said. */
export interface PastSet {
  /** Id of its event. */
  id: string;
  liftId: string;
  sessionId: string;
  /** ISO time. */
  at: string;
  loadG: Grams;
  reps: number;
  cleanReps: number;
  rir: number | null;
  standing: Standing;
}
