import { repLifts } from '@spalo/catalog';
import { trendsOf } from '@spalo/core/insight';
import type { Person } from '@spalo/core/person';
import { explainEstimate } from '@spalo/core/explain';
import { type PastSet, type StudioRatios } from '@spalo/core/strength';

/** A replay of a client's sets: what it starts from. */
interface Replay {
  person: Person;
  sets: PastSet[];
  now: string;
}

export const insightTasks = {
  /** The trends of all lifts. */
  trends: ({ person, sets, now }: Replay) => trendsOf(person, repLifts(), sets, now),

  /** What moved the estimate of one lift. */
  explain: (task: Replay & { liftId: string; reps: number; rir: number; ratios: StudioRatios }) =>
    explainEstimate(task.person, repLifts(), task.sets, task.now, task, task.ratios),
};
