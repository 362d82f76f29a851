import { reserveAsked, resultOf } from '@spalo/core/floor';
import { memoryOf } from '@spalo/core/memory';
import { useSpace } from '../../../design/use-space';
import { useLane } from '../scene/lane-scene';
import { useSeen } from '../scene/use-seen';
import { SetWatch } from '../set/SetWatch';

/** What is seen of the set in hand: reps, which were not clean and why, and what was left. */
export function SeenOfSet() {
  const { lane, sheets, moment } = useLane();
  const { space } = useSpace();
  const { view, watched, change } = useSeen();
  if (view.next.kind !== 'step') return null;
  const past = lane.client ? memoryOf(lane.client.history, view.lift.id).faults : [];
  return (
    <SetWatch
      view={view}
      value={resultOf(view.next.set, watched, reserveAsked(view.state.plan))}
      past={past}
      onChange={change}
      onHelp={sheets.openFault}
      watched={watched}
      large={moment === 'set' && space === 'roomy'}
    />
  );
}
