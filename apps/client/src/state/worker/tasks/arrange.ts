import { arrangeHour, type ArrangedHour, type HourClient } from '@spalo/core/hour';
import type { Room } from '@spalo/core/room';
import { steadyRoom } from './steady-room';

export const arrangeTasks = {
  /** Those who come at the same time: orders and bars by which less is short. */
  arrange({ clients, room }: { clients: HourClient[]; room: Room }): ArrangedHour {
    return arrangeHour(clients, steadyRoom(room));
  },
};
