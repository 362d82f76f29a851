import type { Lift } from '../lift/lift';
import type { Person } from '../person/person';
import { logLoadAt, type LogLoad } from '../strength/answer';
import type { Belief } from '../strength/belief';
import type { PastSet } from '../strength/past-set';
import { startingBelief, takeSets } from '../strength/replay';

/** A point of a lift's trend: the load for its usual reps after a session. */
export interface TrendPoint {
  at: string;
  load: LogLoad;
}

/** Each done lift's load for its usual reps with two left, after each session in which it was done. */
export function trendsOf(
  person: Person,
  lifts: readonly Lift[],
  sets: readonly PastSet[],
  now: string,
): Record<string, TrendPoint[]> {
  const trends: Record<string, TrendPoint[]> = {};
  const belief: Belief = startingBelief(person, lifts, sets[0]?.at ?? now);
  for (let from = 0; from < sets.length;) {
    const { sessionId, at } = sets[from]!;
    let to = from;
    while (to < sets.length && sets[to]!.sessionId === sessionId) to += 1;
    const session = sets.slice(from, to);
    takeSets(belief, person, session, now);
    for (const liftId of new Set(session.map((set) => set.liftId))) {
      const place = lifts.findIndex((lift) => lift.id === liftId);
      if (place < 0) continue;
      const load = logLoadAt(belief, place, lifts[place]!.repRange.low + 2);
      (trends[liftId] ??= []).push({ at, load });
    }
    from = to;
  }
  return trends;
}
