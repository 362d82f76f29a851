import { standingOf, type Standing } from '@spalo/core/floor';
import type { Room } from '@spalo/core/room';
import type { SessionState } from '@spalo/core/session';
import { useMemo } from 'react';
import { useKnownClients } from '../../state/pasts';
import { useRooms } from '../../state/queries';
import { useOpenSessions } from '../../state/use-journal';
import { useFloorUi } from './floor-ui';
import type { LaneView } from './lane-view';
import { steadyLaneView } from './steady-lane';

/** The room a session is held in, or the first there is. */
export const roomOf = (
  rooms: Room[] | undefined,
  session: Pick<SessionState, 'roomId'>,
): Room | undefined => rooms?.find((room) => room.id === session.roomId) ?? rooms?.[0];

/** Everyone on the floor; undefined while clients or rooms are still being fetched. */
export function useLanes(): LaneView[] | undefined {
  const sessions = useOpenSessions();
  const { data: clients } = useKnownClients(sessions.map(({ clientId }) => clientId));
  const { data: rooms } = useRooms();
  const liftOf = useFloorUi((state) => state.liftOf);
  return useMemo(() => {
    if (!clients || !rooms) return undefined;
    const byRoom = new Map<Room, Standing>();
    return sessions.flatMap((session) => {
      const room = roomOf(rooms, session);
      const client = clients.find((each) => each.id === session.clientId);
      if (!room) return [];
      const standing = byRoom.get(room) ?? standingOf(sessions, room);
      byRoom.set(room, standing);
      return [steadyLaneView(session, client, room, liftOf[session.id], standing)];
    });
  }, [sessions, clients, rooms, liftOf]);
}
