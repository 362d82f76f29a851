import { lifts } from '@spalo/catalog';
import { explainEstimate, trendsOf, type PastSet, type Person } from '@spalo/core';
import { rampWork } from './ramp-work';

/** A replay of a client's sets: what it starts from. */
interface Replay {
  person: Person;
  sets: PastSet[];
  now: string;
}

/** Everything that is too much for the screen's thread, by name. */
const work = {
  /** The trends of all lifts. */
  trends: ({ person, sets, now }: Replay) => trendsOf(person, lifts, sets, now),
  /** What moved the estimate of one lift. */
  explain: (task: Replay & { liftId: string; reps: number; rir: number }) =>
    explainEstimate(task.person, lifts, task.sets, task.now, task),
  ...rampWork,
};

type Work = typeof work;
export type HeavyKind = keyof Work;
export type HeavyInput<K extends HeavyKind> = Parameters<Work[K]>[0];
export type HeavyAnswer<K extends HeavyKind> = ReturnType<Work[K]>;
export interface HeavyTask<K extends HeavyKind = HeavyKind> {
  kind: K;
  input: HeavyInput<K>;
}

/** Does a task; the same code wherever it runs. */
export function doHeavy<K extends HeavyKind>({ kind, input }: HeavyTask<K>): HeavyAnswer<K> {
  return (work[kind] as (given: HeavyInput<K>) => HeavyAnswer<K>)(input);
}
