import type { Grams } from '@spalo/core';
import { resultOf } from './actions';
import { CueCard } from './CueCard';
import { useDraft } from './floor-ui';
import type { LaneView, LiftView } from './lane-view';
import { NowCard } from './NowCard';
import { SetUpStrip } from './SetUpStrip';
import { SetWatch } from './SetWatch';

/** The set in hand: rest, load, cue, reps. */
export function WatchedSet({
  lane,
  view,
  resting,
  onOpen,
  onTake,
}: {
  lane: LaneView;
  view: LiftView;
  resting: boolean;
  onTake: (loadG: Grams) => void;
  onOpen: (sheet: 'load' | 'why' | 'cue' | 'ramp' | 'checklist') => void;
}) {
  const step = view.next.kind === 'step' ? view.next.step : 0;
  const { draft, change } = useDraft(lane.session.id, view.lift.id, step);
  if (view.next.kind !== 'step') return null;
  const result = resultOf(view.next.set, draft, view.state.plan.targetRir);
  return (
    <>
      <NowCard
        lane={lane}
        view={view}
        rest={resting ? lane.rest : null}
        onLoad={() => onOpen('load')}
        onTake={onTake}
        onWhy={() => onOpen('why')}
        onRamp={() => onOpen('ramp')}
      />
      <CueCard view={view} onChange={() => onOpen('cue')} />
      {view.next.set.kind === 'warm-up' && (
        <SetUpStrip lane={lane} view={view} onAll={() => onOpen('checklist')} />
      )}
      <SetWatch
        view={view}
        value={result}
        past={lane.client?.history.faults[view.lift.id] ?? []}
        onChange={change}
      />
    </>
  );
}
