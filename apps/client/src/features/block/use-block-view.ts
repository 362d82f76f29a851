import type { BlockView } from '@spalo/coaching/blocks';
import type { Account, Client } from '@spalo/contract';
import type { BlockState } from '@spalo/core/block';
import type { Room } from '@spalo/core/room';
import { nowIso } from '@spalo/core/unit';
import { useMemo } from 'react';
import { ratiosHere } from '../../state/strength';
import { useTask, type Asked } from '../../state/worker/use-task';

/** A block as it was done and will likely go on, worked out beside the screen. */
export function useBlockView(
  client: Client,
  block: BlockState | null,
  room: Room | undefined,
  account: Account,
): Asked<BlockView> {
  const { unit } = account.studio;
  const task = useMemo(
    () =>
      block && room ? { client, room, unit, block, now: nowIso(), ratios: ratiosHere() } : null,
    [client, room, unit, block],
  );
  return useTask('block', task);
}
