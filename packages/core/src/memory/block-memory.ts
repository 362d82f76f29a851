import { countedSets, type LiftState, type LoggedSet, type SessionState } from '../session/state';
import type { Grams } from '../unit/mass';

/** What was done of a lift on a day of a block. */
export interface DoneLift {
  /** The block's lift that it stood in for; absent where it was that lift itself. */
  standsFor?: string;
  loadG: Grams;
  /** Reps of the set with the fewest. */
  reps: number;
  sets: number;
  /** Every set that was asked, at the planned load or more, clean, with no more than one rep less in reserve than asked. */
  asPlanned: boolean;
}

/** A session that was done for a day of a block. */
export interface DoneDay {
  sessionId: string;
  at: string;
  week: number;
  day: number;
  /** What was done, by lift. */
  lifts: Record<string, DoneLift>;
}

/** The days done of each block, by its id, in the order in which they were done. */
export type BlocksDone = Record<string, DoneDay[]>;

/** Whose days are kept: the latest blocks, as many as two years hold. */
const BLOCKS = 24;
/** Loads nearer than this are the planned one: rooms differ by a plate. */
const AS_HEAVY = 0.98;

/**
 * Whether a set did what was planned: its load, its reps clean, and no more than one less in reserve than asked. Who took more load,
 * or more reps, has shown the planned set with what they had left after it.
 */
export function isAsPlanned(
  { loadG, cleanReps, rir }: Pick<LoggedSet, 'loadG' | 'cleanReps' | 'rir'>,
  plan: { loadG: Grams; reps: number; targetRir: number },
): boolean {
  if (loadG < plan.loadG * AS_HEAVY || cleanReps < plan.reps) return false;
  const isHeavier = loadG * AS_HEAVY > plan.loadG;
  const left = cleanReps - plan.reps + (rir ?? plan.targetRir);
  return isHeavier || left >= plan.targetRir - 1;
}

function doneOf(lift: LiftState): DoneLift | null {
  const sets = countedSets(lift, 'working');
  const [first] = sets;
  if (!first) return null;
  const asked = lift.usual ?? lift.plan;
  const { loadG, standsFor } = lift.plan;
  return {
    ...(standsFor !== undefined && { standsFor }),
    loadG: Math.max(...sets.map((set) => set.loadG)),
    reps: Math.min(...sets.map((set) => set.cleanReps)),
    sets: sets.length,
    asPlanned:
      sets.length >= asked.sets && sets.every((set) => isAsPlanned(set, { ...asked, loadG })),
  };
}

/** The days done of blocks with one more session; the same where it was for none. */
export function withDay(done: BlocksDone | undefined, state: SessionState): BlocksDone | undefined {
  const { block } = state;
  if (!block) return done;
  const lifts = Object.fromEntries(
    state.lifts.flatMap((lift) => {
      const was = doneOf(lift);
      return was ? [[lift.plan.liftId, was]] : [];
    }),
  );
  const { blockId, week, day } = block;
  const { [blockId]: before = [], ...others } = done ?? {};
  const entry = { sessionId: state.id, at: state.startedAt, week, day, lifts };
  const kept = Object.entries(others).slice(-(BLOCKS - 1));
  return { ...Object.fromEntries(kept), [blockId]: [...before, entry] };
}
