import { type TurnedDown, turnedDownOn } from '@spalo/core/person';
import type { Room } from '@spalo/core/room';
import { nowMs, studioDay } from '@spalo/core/unit';

/** The room that a client trains in today: the one that was booked, another one while they are away, else the usual. */
export function roomToday(
  client: { turnedDown?: readonly TurnedDown[] },
  rooms: readonly Room[] | undefined,
  usual: Room | undefined,
  booked?: { roomId?: string | null | undefined },
): Room | undefined {
  const away = turnedDownOn(client, studioDay(nowMs()))?.roomId;
  return rooms?.find(({ id }) => id === (booked?.roomId ?? away)) ?? usual;
}
