import type { Drill } from '@spalo/core/warm-up';

type Own = Pick<Drill, 'id' | 'name' | 'how' | 'forWhat' | 'positions'> & Partial<Drill>;

/** A drill of a job, with what is usual there where it says nothing else. */
export const drill =
  (job: Drill['job'], usual: Partial<Drill>) =>
  (own: Own): Drill => ({
    job,
    seconds: 45,
    rounds: 1,
    reps: null,
    range: null,
    patterns: [],
    liftIds: [],
    loads: [],
    notWith: [],
    way: null,
    ...usual,
    ...own,
  });
