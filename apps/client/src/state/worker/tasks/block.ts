import { blockView, type BlockView } from '@spalo/coaching';
import type { Client } from '@spalo/contract';
import type { BlockState, Room, StudioRatios, Unit } from '@spalo/core';
import { profileOfClient } from '../../strength';
import { steadyRoom } from './steady-room';

/** A block to look at: whose, where, and when (ISO). */
export interface BlockLook {
  client: Client;
  room: Room;
  unit: Unit;
  now: string;
  ratios: StudioRatios;
  block: BlockState;
}

export const blockTasks = {
  /** What was done of a block, and what is projected. */
  block: ({ client, room, unit, now, ratios, block }: BlockLook): BlockView =>
    blockView(
      { client, profile: profileOfClient(client, ratios), room: steadyRoom(room), unit, now },
      block,
    ),
};
