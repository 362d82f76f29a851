export { ofThisVersion, streamKey, type LogEvent, type StreamKind } from './event';
export { madeMs, timeOfId } from './time-of-id';
export type { WithdrawPayloads } from './withdraw';
