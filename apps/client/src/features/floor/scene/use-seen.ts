import { useWatched } from '../../../parts/lane/floor-ui';
import { useLane, useLiftInHand } from './lane-scene';

/** The lift in hand with what was seen of its next set so far, and a way to change that. */
export function useSeen() {
  const { session } = useLane().lane;
  const view = useLiftInHand();
  const step = view.next.kind === 'step' ? view.next.step : 0;
  return { view, ...useWatched(session.id, view.lift.id, step) };
}
