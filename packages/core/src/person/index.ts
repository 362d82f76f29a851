export { ageOn, isOlder, isUnderAge } from './age';
export { isUnlikelyMass } from './body-mass';
export { cautionsFor, exhales, mayBeTouched, startsCareful } from './careful';
export { cautionKinds, type Caution } from './caution';
export { isClosed, type Limit } from './limit';
export { lockOf } from './lock';
export { askAgain } from './ask-again';
export {
  liftLimit,
  openReps,
  rangeLimit,
  rangeOf,
  flagsOn,
  type FlagOnLift,
  spotText,
  workingRange,
} from './limits';
export {
  flagPlaces,
  flagStates,
  openFlags,
  recordedFlags,
  preferences,
  rangeIds,
  sexes,
  surenesses,
  type Flag,
  type FlagPlace,
  type ImportedLift,
  type Override,
  type Person,
  type RangeId,
  type ReportedLift,
  type Sureness,
} from './person';
export { isRedPlace, lockedBy, redFlag } from './red-flag';
export { isInFirstYear } from './training-age';
export { noWishes, type Wishes } from './wishes';
export {
  awayOn,
  lessOn,
  turnedDownOn,
  turnedDownReasons,
  type TurnedDown,
  type TurnedDownReason,
} from './turned-down';
export { degreeOf, degreeOfPain, ratedNow } from './flag-degree';
export { flagDegrees, type FlagDegree } from './degree';
