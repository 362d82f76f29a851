import type { Lift } from '@spalo/core/lift';
import type { PlannedLift } from '@spalo/core/session';
import type { LaneView } from '../../../../parts/lane/lane-view';
import { planForLane } from '../../../../parts/lane/plan-for-lane';

/** What comes of a lift that was chosen: it is taken as planned, or this room has nothing for it, in words. */
export interface Chosen {
  take: (planned: PlannedLift) => Promise<unknown>;
  onDone: (nothing: string | null) => void;
}

/** Plans a lift for a client who is on the floor, and takes it. */
export async function planThen(lane: LaneView, lift: Lift, { take, onDone }: Chosen) {
  const planned = await planForLane(lane, lift.id);
  onDone(planned ? null : `${lane.room.name} has nothing to load ${lift.name} with`);
  if (planned) await take(planned);
}
