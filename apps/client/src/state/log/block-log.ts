import type { BlockEventType, BlockPayloads } from '@spalo/core/block';
import { offerBack } from '../changes/take-back';
import { authorFor, journal } from '../device';

/** Adds an event to a block's log on this device, and offers the way back. `says` what it did. Answers the event's id. */
export async function appendToBlock<T extends BlockEventType>(
  blockId: string,
  type: T,
  payload: BlockPayloads[T],
  trainerId: string,
  says: string,
): Promise<string> {
  const author = authorFor(trainerId);
  const id = await journal.append({ stream: 'block', streamId: blockId, type, payload }, author);
  const withdrawal: BlockPayloads['entries.withdrawn'] = { eventIds: [id], withdrawn: true };
  offerBack({
    says,
    back: () =>
      journal.append(
        { stream: 'block', streamId: blockId, type: 'entries.withdrawn', payload: withdrawal },
        author,
      ),
  });
  return id;
}
