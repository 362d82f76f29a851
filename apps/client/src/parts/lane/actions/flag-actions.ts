import { degreeOf, type Flag, spotText } from '@spalo/core/person';
import { easedLoad } from '@spalo/core/session';
import { askedNow } from '../asked-now';
import type { LaneView } from '../lane-view';
import { workingLoad, type LiftView } from '../lift-view';
import type { Append } from './append';
import { stepsAsked } from './lift-actions';
import { adjust } from './set-actions';

/** What began to hurt in the session, met in a lift that loads the place. */
export const flagActions = (append: Append) => ({
  /** A flag raised since the session began, in a lift that loads its place: lighter from here on, for as long as it stands. */
  async easeFor(lane: LaneView, view: LiftView, flag: Flag) {
    const fromG = workingLoad(view);
    const loadG = easedLoad(view.loads, fromG);
    const { place } = flag;
    const eased = { place, fromG, loadG };
    const met = { liftId: view.lift.id, flagId: flag.id, degree: degreeOf(flag), reason: null };
    const steps = await stepsAsked(lane, view, { ...askedNow(view), loadG });
    append('flag.met', { ...met, eased });
    adjust(append, view, steps, [{ code: 'eased-on-floor', spot: spotText(flag) }]);
  },

  /** The same, gone on with as planned, and why. */
  goOnWith: (view: LiftView, flag: Flag, reason: string) =>
    append('flag.met', {
      liftId: view.lift.id,
      flagId: flag.id,
      degree: degreeOf(flag),
      eased: null,
      reason,
    }),
});
