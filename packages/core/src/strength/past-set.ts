import type { Grams } from '../unit/mass';
import type { DayForm, RampMove } from './day-form';

/** How a set bears on the belief. counts: as done; bound: it could have gone on (pain or another reason ended it); left out: not representative. */
export const bearings = ['counts', 'bound', 'left out'] as const;
export type Bearing = (typeof bearings)[number];

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
  /** Reps that were asked; absent where nobody kept it. */
  asked?: number;
  bearing: Bearing;
  /** How the client said they were that day; absent where nobody asked. */
  dayForm?: DayForm;
  /** How the last warm-up set before it moved, on the first working set of a lift; absent where nobody said. */
  rampMove?: RampMove;
}

/** Whether a set ended because no further rep could be done: it names the limit, and not only who says so. */
export const endedAtLimit = ({
  reps,
  cleanReps,
  rir,
  asked,
}: Pick<PastSet, 'reps' | 'cleanReps' | 'rir' | 'asked'>): boolean =>
  rir === 0 && asked !== undefined && reps < asked && cleanReps === reps;
