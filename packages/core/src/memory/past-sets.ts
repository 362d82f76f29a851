import { countedSets, type LiftState, type LoggedSet, type SessionState } from '../session/state';
import type { PastSet } from '../strength/past-set';

function pastSet(set: LoggedSet, lift: LiftState, { id, dayForm }: SessionState): PastSet {
  const first = set === countedSets(lift, 'working')[0];
  const stopped = lift.pains.length > 0 && set === countedSets(lift, 'working').at(-1);
  return {
    id: set.id,
    liftId: lift.plan.liftId,
    sessionId: id,
    at: set.at,
    loadG: set.loadG,
    reps: set.reps,
    cleanReps: set.cleanReps,
    rir: set.rir,
    asked: set.proposed.reps,
    // A set that pain ended says what was done, not what could have been.
    bearing: !set.representative ? 'left out' : stopped ? 'bound' : 'counts',
    ...(dayForm && { dayForm }),
    ...(first && lift.rampMove && { rampMove: lift.rampMove }),
  };
}

/** The working sets of a session as evidence, in the order in which they were logged. */
export function evidenceOf(state: SessionState): PastSet[] {
  return (
    state.lifts
      // What is held or carried says nothing of a strength that is counted in reps.
      .filter((lift) => !lift.plan.counted)
      .flatMap((lift) => countedSets(lift, 'working').map((set) => pastSet(set, lift, state)))
      .sort((a, b) => (a.id < b.id ? -1 : 1))
  );
}
