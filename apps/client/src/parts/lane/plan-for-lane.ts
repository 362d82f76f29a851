import type { PlannedLift } from '@spalo/core/session';
import { nowIso } from '@spalo/core/unit';
import { ratiosHere } from '../../state/strength';
import { inWorker } from '../../state/worker/ask';
import type { LaneView } from './lane-view';

/** A lift planned for a client who is on the floor, from today's sets too; null when the room has nothing for it. */
export async function planForLane(lane: LaneView, liftId: string): Promise<PlannedLift | null> {
  const { client, room, session } = lane;
  if (!client) return null;
  const now = nowIso();
  return inWorker('lift', {
    client,
    room,
    unit: session.unit,
    now,
    session,
    liftId,
    standing: [],
    ratios: ratiosHere(),
  });
}
