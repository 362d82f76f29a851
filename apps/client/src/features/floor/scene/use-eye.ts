import { useEffect } from 'react';
import { useFloorUi, watchedKey } from '../../../parts/lane/floor-ui';
import type { LaneView } from '../../../parts/lane/lane-view';
import type { Moment } from './lane-scene';

/** The set in hand, by the key under which it is watched; null where none is. */
function setInHand({ session, current, general }: LaneView): string | null {
  if (general.active || current?.next.kind !== 'step') return null;
  return watchedKey(session.id, current.lift.id, current.next.step);
}

/**
 * Notes where the trainer's eye is: on a lane whose screen is turned to the set. Where all of a lane is on the screen, only
 * what is seen of its set tells.
 */
export function useEye(lane: LaneView, moment: Moment): void {
  const { lookAt, lookAway } = useFloorUi.getState();
  const { id } = lane.session;
  const key = setInHand(lane);
  useEffect(() => {
    if (moment === 'set' && key !== null) lookAt(id, key);
    else if (moment === 'between' || key === null) lookAway(id, false);
  }, [id, key, moment, lookAt, lookAway]);
  // Another lane is looked at.
  useEffect(() => () => lookAway(id, false), [id, lookAway]);
}
