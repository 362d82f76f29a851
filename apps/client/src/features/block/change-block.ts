import type { BlockPayloads, BlockPlan, BlockEventType } from '@spalo/core/block';
import { appendToBlock } from '../../state/log/block-log';
import { newId } from '../../state/log/ids';

/** Starts a block for a client. Answers its id. */
export async function startBlock(
  clientId: string,
  plan: BlockPlan,
  trainerId: string,
): Promise<string> {
  const id = newId();
  await appendToBlock(id, 'block.started', { clientId, plan }, trainerId, `${plan.name} started`);
  return id;
}

/** Changes a block; each change is stored on the device before it shows, and can be taken back. */
export const blockActions =
  (blockId: string, trainerId: string) =>
  <T extends BlockEventType>(type: T, payload: BlockPayloads[T], says: string): Promise<string> =>
    appendToBlock(blockId, type, payload, trainerId, says);

export type ChangeBlock = ReturnType<typeof blockActions>;
