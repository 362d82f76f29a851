import { reserveAsked, resultOf } from '@spalo/core/floor';
import { useRef } from 'react';
import { Button, IconButton } from '../../../design/Button';
import { useSpace } from '../../../design/use-space';
import { offerUndoOf } from '../../../parts/lane/undo';
import { loadReps, logLabel } from '../../../parts/words/load-words';
import { attempt } from '../../../state/problems';
import { useLane } from '../scene/lane-scene';
import { useSeen } from '../scene/use-seen';
import { useOtherThumb } from './use-other-thumb';
import { elapsedMs } from '../../../state/elapsed';

/** A second tap this soon after the first is the same tap, not another set. */
const SAME_TAP_MS = 600;

/** Whether this tap is one of its own; notes when it was. */
function isNewTap(last: { current: number }): boolean {
  const now = elapsedMs();
  const isNew = now - last.current >= SAME_TAP_MS;
  if (isNew) last.current = now;
  return isNew;
}

/** The main action in the thumb's reach; its words are what will be stored. */
export function LogBar() {
  const { lane, actions, sheets, keepUnlessDoubtful } = useLane();
  const { view, watched } = useSeen();
  const lastTap = useRef(-SAME_TAP_MS);
  const { least } = useSpace();
  const otherThumb = useOtherThumb(lane.session);
  if (view.next.kind !== 'step') return null;
  const { set } = view.next;
  const result = resultOf(set, watched, reserveAsked(view.state.plan));
  const log = () => {
    if (!isNewTap(lastTap)) return;
    const other = otherThumb();
    if (other) {
      const done = loadReps(other.loadG, other.reps, lane.session.unit, view.state.plan.counted);
      offerUndoOf(lane.session.id, other.id, `${done} was logged on another device just now`);
      return;
    }
    const { plan, adjusted } = view.state;
    const bySpalo = !adjusted?.byTrainer;
    const asked = { ...set, liftId: view.lift.id, targetRir: plan.targetRir, bySpalo };
    keepUnlessDoubtful(asked, result, () => attempt(() => actions.logNext(lane, view)));
  };
  return (
    <>
      <IconButton
        icon="pain"
        shortcut="p"
        label="Pain"
        color="oxide"
        caption={!least}
        onPress={() => sheets.open('pain')}
        className={least ? '' : 'min-w-[4.5rem]'}
      />
      <Button
        kind="main"
        shortcut="l"
        big={!least}
        label={logLabel(result, lane.session.unit, view.state.plan.counted)}
        onPress={log}
        className="flex-1"
      />
    </>
  );
}
