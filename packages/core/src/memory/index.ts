export { isAsPlanned, type DoneDay, type DoneLift } from './block-memory';
export {
  HISTORY_VERSION,
  emptyHistory,
  foldSession,
  foldSessions,
  historyOf,
  memoryOf,
  withLocalSessions,
  type ClientHistory,
  type HistoryContext,
} from './history';
export {
  noMemory,
  taughtAfter,
  type LiftMemory,
  type MainFaultOf,
  type WarmUpRecord,
} from './lift-memory';
export { evidenceOf } from './past-sets';
export { timeTaken, type TimeTaken, type Took } from './time-taken';
