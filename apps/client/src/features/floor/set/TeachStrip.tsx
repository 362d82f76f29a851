import { firstLesson, offersLesson } from '@spalo/coaching';
import { emptyHistory } from '@spalo/core/memory';
import { Button } from '../../../design/Button';
import { useStyle } from '../../../parts/lesson/use-style';
import { useLane, useLiftInHand } from '../scene/lane-scene';

/** For a lift's first time: the way into its lesson, step by step, and how far that is. */
export function TeachStrip() {
  const { lane, sheets } = useLane();
  const { lift, style: taught, state } = useLiftInHand();
  const style = useStyle(lift.id, taught.id, lane.client);
  const history = lane.client?.history ?? emptyHistory;
  if (!style || !offersLesson(state, history)) return null;
  const { steps, now } = firstLesson(style.teach, state, history);
  if (!now) return null;
  return (
    <Button
      icon="lifts"
      label={`First time: teach it, step ${steps.indexOf(now) + 1} of ${steps.length}`}
      onPress={() => sheets.open('teach')}
    />
  );
}
