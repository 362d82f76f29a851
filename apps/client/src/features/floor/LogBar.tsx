import type { SetResult } from '@spalo/core';
import { useRef } from 'react';
import { Button, IconButton } from '../../design/Button';
import { resultOf } from './actions';
import { useDraft } from './floor-ui';
import type { LaneView, LiftView } from './lane-view';
import { logLabel } from './words';

/** A second tap this soon after the first is the same tap, not another set. */
const SAME_TAP_MS = 600;

/** Whether this tap is one of its own; notes when it was. */
function isNewTap(last: { current: number }): boolean {
  const now = Date.now();
  const isNew = now - last.current >= SAME_TAP_MS;
  if (isNew) last.current = now;
  return isNew;
}

/** The main action in the thumb's reach; its words are what will be stored. */
export function LogBar({
  lane,
  view,
  onPain,
  onLog,
}: {
  lane: LaneView;
  view: LiftView;
  onPain: () => void;
  onLog: (result: SetResult) => void;
}) {
  const lastTap = useRef(0);
  const step = view.next.kind === 'step' ? view.next.step : 0;
  const { draft } = useDraft(lane.session.id, view.lift.id, step);
  if (view.next.kind !== 'step') return null;
  const result = resultOf(view.next.set, draft, view.state.plan.targetRir);
  const log = () => {
    if (isNewTap(lastTap)) onLog(result);
  };
  return (
    <>
      <IconButton
        icon="pain"
        label="Pain"
        color="oxide"
        caption
        onPress={onPain}
        className="min-w-[4.5rem]"
      />
      <Button
        kind="main"
        big
        label={logLabel(result, lane.session.unit)}
        onPress={log}
        className="flex-1"
      />
    </>
  );
}
