import { duplicatesOf, type LoggedSet } from '@spalo/core/session';
import type { LiftView } from '../../../../parts/lane/lift-view';
import { loadReps } from '../../../../parts/words/load-words';
import { useLane } from '../../scene/lane-scene';
import { Stored } from './Stored';

/** Sets of today that do not count: removed ones, to be brought back, and those that were logged twice, to be judged. */
export function SetsAside() {
  const { lane, actions } = useLane();
  const { unit } = lane.session;
  const what = ({ lift, state }: LiftView, set: LoggedSet) =>
    `${lift.name} ${loadReps(set.loadG, set.reps, unit, state.plan.counted)}`;
  return lane.lifts.flatMap((view) => {
    const { state } = view;
    const removed = state.sets.filter((set) => set.voided);
    return [
      ...removed.map((set) => (
        <Stored
          key={set.id}
          text={`Removed: ${what(view, set)}`}
          word="Restore"
          says={`Restore ${what(view, set)}`}
          onPress={() => actions.setVoided(set, false)}
        />
      )),
      ...duplicatesOf(state).map((set) => (
        <Stored
          key={set.id}
          text={`Logged twice, counted once: ${what(view, set)}`}
          word="It was another"
          says={`${what(view, set)} was another set`}
          onPress={() => actions.tellApart(set)}
        />
      )),
    ];
  });
}
