import type { LiftPlan, StepKind } from '../session/plan';
import type { Mark, SetResult } from '../session/set-result';
import type { Grams } from '../unit/mass';

/** What was seen of a set so far; what is missing is as planned. */
export interface Watched {
  reps?: number;
  marks?: Mark[];
  rir?: number;
  /** Reps are counted as they happen: `reps` is how many there were so far. */
  counting?: boolean;
  /** Of a lift that is done one side after the other: what was counted on the first. */
  firstSide?: number | undefined;
}

/** The reps that were seen: of two sides the fewer; as planned where nothing was counted yet. */
function repsSeen({ reps, counting, firstSide }: Watched, planned: number): number {
  if (reps === undefined || (counting && reps === 0 && firstSide === undefined)) return planned;
  return firstSide === undefined ? reps : Math.min(reps, firstSide);
}

/** The reserve that a plan asks for; null where none is, as in what is held or carried. */
export const reserveAsked = ({
  targetRir,
  counted,
}: Pick<LiftPlan, 'targetRir' | 'counted'>): number | null => (counted ? null : targetRir);

/** Reps that nothing was seen wrong in. */
export const cleanRepsOf = ({ reps, marks }: Pick<SetResult, 'reps' | 'marks'>): number =>
  reps - new Set(marks.map((mark) => mark.rep)).size;

/**
 * What a watched set comes to, with its planned parts filled in. `targetRir` is the reserve that was asked for; null where
 * none is, as in what is held or carried.
 */
export function resultOf(
  planned: { loadG: Grams; reps: number; kind: StepKind },
  watched: Watched,
  targetRir: number | null,
): SetResult {
  const reps = repsSeen(watched, planned.reps);
  const marks = (watched.marks ?? []).filter((mark) => mark.rep <= reps);
  return {
    loadG: planned.loadG,
    reps,
    marks,
    cleanReps: cleanRepsOf({ reps, marks }),
    // Where no rep was done, none was left.
    rir:
      planned.kind !== 'working' || targetRir === null
        ? null
        : reps === 0
          ? 0
          : (watched.rir ?? targetRir),
  };
}
