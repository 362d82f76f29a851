import type { Client } from '@spalo/contract';
import { stationOf, takenElsewhere, takenKey, type Standing } from '@spalo/core/floor';
import type { Room } from '@spalo/core/room';
import type { SessionState } from '@spalo/core/session';
import { laneView, type LaneView } from './lane-view';

interface Seen {
  client: Client | undefined;
  room: Room;
  opened: string | undefined;
  stands: string;
  lane: LaneView;
}

const seen = new WeakMap<SessionState, Seen>();

/** The same lane for the same session, client, room, lift and bars, so that a tap redraws its own lane and no other. */
export function steadyLaneView(
  session: SessionState,
  client: Client | undefined,
  room: Room,
  opened: string | undefined,
  standing: Standing = new Map(),
): LaneView {
  const stands = session.lifts
    .map((lift) => {
      const station = stationOf(session, lift, room);
      return `${standing.get(station)?.setId} ${takenKey(takenElsewhere(standing, station))}`;
    })
    .join('/');
  const before = seen.get(session);
  const same =
    before?.client === client &&
    before?.room === room &&
    before?.opened === opened &&
    before?.stands === stands;
  if (before && same) return before.lane;
  const lane = laneView(session, client, room, opened, standing);
  seen.set(session, { client, room, opened, stands, lane });
  return lane;
}
