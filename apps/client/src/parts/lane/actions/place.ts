import { platesOf } from '@spalo/core/room';
import type { RampPlace } from '../../../state/worker/tasks/ramp';
import type { LaneView } from '../lane-view';
import type { LiftView } from '../lift-view';

/** Where a lift's steps are planned: the room, and the plates that stand on its implement. */
export const placeOf = ({ room, session }: LaneView, view: LiftView): RampPlace => ({
  liftId: view.lift.id,
  room,
  unit: session.unit,
  standing: platesOf(view.onBar),
});
