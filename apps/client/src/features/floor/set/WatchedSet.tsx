import { memoryOf, reserveAsked, resultOf } from '@spalo/core';
import { useWatched } from '../../../parts/lane/floor-ui';
import { useLane, useLiftInHand } from '../scene/lane-scene';
import { CueCard } from './CueCard';
import { NowCard } from './NowCard';
import { SetUpStrip } from './SetUpStrip';
import { SetWatch } from './SetWatch';
import { TeachStrip } from './TeachStrip';

/** The set in hand: rest, load, cue, reps. */
export function WatchedSet() {
  const { lane, sheets } = useLane();
  const view = useLiftInHand();
  const step = view.next.kind === 'step' ? view.next.step : 0;
  const { watched, change } = useWatched(lane.session.id, view.lift.id, step);
  if (view.next.kind !== 'step') return null;
  const { set } = view.next;
  const past = lane.client ? memoryOf(lane.client.history, view.lift.id).faults : [];
  return (
    <>
      <TeachStrip />
      <NowCard />
      <CueCard />
      <SetUpStrip warmUp={set.kind === 'warm-up'} />
      <SetWatch
        view={view}
        value={resultOf(set, watched, reserveAsked(view.state.plan))}
        past={past}
        onChange={change}
        onHelp={sheets.openFault}
      />
    </>
  );
}
