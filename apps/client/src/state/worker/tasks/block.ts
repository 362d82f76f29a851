import { blockView, isItWorking, type BlockView, type Working } from '@spalo/coaching/blocks';
import type { Client } from '@spalo/contract';
import type { BlockState } from '@spalo/core/block';
import type { Room } from '@spalo/core/room';
import type { PastSet, StudioRatios } from '@spalo/core/strength';
import type { Unit } from '@spalo/core/unit';
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

/** A block with every set of its client. */
interface WorkingLook extends Pick<BlockLook, 'client' | 'block' | 'now'> {
  sets: PastSet[];
}

export const blockTasks = {
  /** Whether a block works, and what to keep or change after it. */
  working: ({ client, block, sets, now }: WorkingLook): Working =>
    isItWorking(client, block, sets, now),

  /** What was done of a block, and what is projected. */
  block: ({ client, room, unit, now, ratios, block }: BlockLook): BlockView =>
    blockView(
      { client, profile: profileOfClient(client, ratios), room: steadyRoom(room), unit, now },
      block,
    ),
};
