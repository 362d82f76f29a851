import { type Room, type TurnedDown, turnedDownOn, nowMs, studioDay } from '@spalo/core';

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
