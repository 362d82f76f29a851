import { turnedDownOn, type Room, type TurnedDown } from '@spalo/core';

/** The room that a client trains in on a day (2026-11-24): another one while they are away, else the usual. */
export function roomOn(
  client: { turnedDown?: readonly TurnedDown[] },
  day: string,
  rooms: readonly Room[] | undefined,
  usual: Room | undefined,
): Room | undefined {
  const away = turnedDownOn(client, day)?.roomId;
  return rooms?.find(({ id }) => id === away) ?? usual;
}

/** The room that a client trains in today. */
export const roomToday = (
  client: { turnedDown?: readonly TurnedDown[] },
  rooms: readonly Room[] | undefined,
  usual: Room | undefined,
): Room | undefined => roomOn(client, new Date().toISOString().slice(0, 10), rooms, usual);
