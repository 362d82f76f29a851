import type { LogEvent } from '../log/event';
import { applyLog, orderedLog } from '../log/reduce';
import { standingLog } from '../log/withdraw';
import type { BlockState } from './block';
import { blockSteps, type BlockEvent } from './events';

type Started = Extract<BlockEvent, { type: 'block.started' }>;
const isStart = (event: LogEvent): event is Started => event.type === 'block.started';

/**
 * The block that a log tells: pure, and blind to the order of arrival and to repeats. Null while the event that started it
 * has not arrived, and where it was taken back.
 */
export function reduceBlock(events: readonly LogEvent[]): BlockState | null {
  const log = standingLog(orderedLog(events));
  const start = log.find(isStart);
  if (!start) return null;
  const { clientId, plan } = start.payload;
  const state: BlockState = {
    ...plan,
    id: start.streamId,
    startId: start.id,
    clientId,
    trainerId: start.author,
    startedAt: start.at,
    leftOut: [],
    endedAt: null,
  };
  return applyLog(state, log, blockSteps);
}
