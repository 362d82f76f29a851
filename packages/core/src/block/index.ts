export { allowedAsk } from './within-limits';
export {
  askOf,
  keennesses,
  BLOCK,
  blockChanges,
  type OneChange,
  type Ask,
  type BlockLift,
  type BlockPlan,
  type BlockState,
  type LeftOut,
} from './block';
export { blockEvent, type BlockEvent, type BlockEventType, type BlockPayloads } from './events';
export { reduceBlock } from './reduce';
export { blockOn, daysOf, daysToCome, doneDays, nextDay } from './days';
export { lastCleanLoad, type Ahead, type AheadDay } from './asked-plan';
export { heavySets } from './hand-over';
export { chanceOfPlan } from './chance';
