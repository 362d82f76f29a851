import { useState } from 'react';
import { changeText } from '../../../design/load-text';
import type { LiftView } from '../../../parts/lane/lift-view';
import type { Moment } from './lane-scene';

/** Whether something is to be put on or taken off before the set, or said about what this room has not. */
const isToLoad = ({ build, onBar, lacking }: LiftView): boolean =>
  build === null || lacking !== null || changeText(build, onBar) !== '';

/** The moment of a set that nobody has turned: the load first where there is something to load or a rest to wait for. */
const momentOf = (view: LiftView, resting: boolean, rested: boolean): Moment =>
  resting || (!rested && isToLoad(view)) ? 'between' : 'set';

/**
 * What a lane's screen is for: between sets until the rest is over, then the set; one tap turns it either way. Each set
 * begins anew. `whole` where the screen has room for both.
 */
export function useMoment(
  view: LiftView | null,
  { whole, resting, rested }: { whole: boolean; resting: boolean; rested: boolean },
): { moment: Moment; turn: (to: Moment) => void } {
  const step = view?.next.kind === 'step' ? view.next.step : -1;
  const set = `${view?.lift.id ?? ''}/${step}`;
  const [turned, setTurned] = useState<{ set: string; to: Moment } | null>(null);
  const own = turned?.set === set ? turned.to : null;
  return {
    moment: whole || !view ? 'whole' : (own ?? momentOf(view, resting, rested)),
    turn: (to) => setTurned({ set, to }),
  };
}
