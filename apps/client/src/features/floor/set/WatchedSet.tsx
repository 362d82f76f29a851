import { memoryOf, resultOf } from '@spalo/core';
import { useWatched } from '../../../parts/lane/floor-ui';
import { useLane, useLiftInHand } from '../scene/lane-scene';
import { CueCard } from './CueCard';
import { JudgeCue } from './JudgeCue';
import { NowCard } from './NowCard';
import { SetUpStrip } from './SetUpStrip';
import { SetWatch } from './SetWatch';

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
      <NowCard />
      <JudgeCue />
      <CueCard />
      {set.kind === 'warm-up' && <SetUpStrip />}
      <SetWatch
        view={view}
        value={resultOf(set, watched, view.state.plan.targetRir)}
        past={past}
        onChange={change}
        onHelp={sheets.openFault}
      />
    </>
  );
}
