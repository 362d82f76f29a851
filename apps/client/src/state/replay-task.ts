import { lifts } from '@spalo/catalog';
import {
  explainEstimate,
  trendsOf,
  type Explanation,
  type PastSet,
  type Person,
  type TrendPoint,
} from '@spalo/core';

/** A replay of a client's sets: the trends of all their lifts, or what moved the estimate of one. */
export type ReplayTask = { person: Person; sets: PastSet[]; now: string } & (
  { kind: 'trends' } | { kind: 'explain'; liftId: string; reps: number; rir: number }
);

export interface ReplayAnswers {
  trends: Record<string, TrendPoint[]>;
  explain: Explanation;
}

/** Does a task; the same code wherever it runs. */
export function doReplay(task: ReplayTask): ReplayAnswers[ReplayTask['kind']] {
  const { person, sets, now } = task;
  return task.kind === 'trends'
    ? trendsOf(person, lifts, sets, now)
    : explainEstimate(person, lifts, sets, now, task);
}
