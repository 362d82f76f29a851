import { memoryOf, reserveAsked, resultOf } from '@spalo/core';
import { useSpace } from '../../../design/use-space';
import { useWatched } from '../../../parts/lane/floor-ui';
import { useLane, useLiftInHand } from '../scene/lane-scene';
import { SetWatch } from '../set/SetWatch';

/** What is seen of the set in hand: reps, which were not clean and why, and what was left. */
export function SeenOfSet() {
  const { lane, sheets, moment } = useLane();
  const { space } = useSpace();
  const view = useLiftInHand();
  const step = view.next.kind === 'step' ? view.next.step : 0;
  const { watched, change } = useWatched(lane.session.id, view.lift.id, step);
  if (view.next.kind !== 'step') return null;
  const past = lane.client ? memoryOf(lane.client.history, view.lift.id).faults : [];
  return (
    <SetWatch
      view={view}
      value={resultOf(view.next.set, watched, reserveAsked(view.state.plan))}
      past={past}
      onChange={change}
      onHelp={sheets.openFault}
      large={moment === 'set' && space === 'roomy'}
    />
  );
}
