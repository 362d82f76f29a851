import type { MarkedSession, PastMarks } from '../memory/lift-memory';

/** The technique of one session of a lift. */
export interface TechniquePoint {
  at: string;
  reps: number;
  /** Share of the reps that were clean, 0 to 1. */
  clean: number;
  /** Marked reps by fault id. */
  faults: Record<string, number>;
  /** Checkpoints that were looked at and right. */
  looked: number;
}

const cleanOf = ({ cleanReps, reps, marks }: PastMarks): number =>
  // What was kept before clean reps were takes each marked rep for one that was not.
  cleanReps ?? reps - new Set(marks.map(({ rep }) => rep)).size;

/** How clean a lift was, session by session, the oldest first; sessions without a rep are left out. */
export function techniqueTrend(marked: readonly MarkedSession[]): TechniquePoint[] {
  return marked
    .map(({ at, sets, looked = [] }) => {
      const sum = (of: (set: PastMarks) => number) => sets.reduce((all, set) => all + of(set), 0);
      const faults: Record<string, number> = {};
      for (const { faultId } of sets.flatMap((set) => set.marks)) {
        faults[faultId] = (faults[faultId] ?? 0) + 1;
      }
      const reps = sum((set) => set.reps);
      return { at, reps, clean: sum(cleanOf) / Math.max(1, reps), faults, looked: looked.length };
    })
    .filter(({ reps }) => reps > 0)
    .reverse();
}

/** Sessions in a row, from the latest back, in which a set had at least so many clean reps. */
export function cleanInARow(marked: readonly MarkedSession[], reps: number): number {
  const broken = marked.findIndex(({ sets }) => !sets.some((set) => cleanOf(set) >= reps));
  return broken < 0 ? marked.length : broken;
}
