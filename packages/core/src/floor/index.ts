export { flagsAfter, flagsRaised } from './flags-after';
export {
  rampRequest,
  stepsAfterReps,
  stepsOf,
  stepsWithLoad,
  stepsWithRamp,
  type RampToday,
} from './adjust-steps';
export { buildNow, buildOf, type Lacking, type NowBuilt } from './build';
export { doubtOf, type AskedSet } from './doubt-set';
export { generalStanding, type GeneralStanding } from './general-standing';
export { proposeNextSet, stepsInSight, type FloorContext, type NextSet } from './next-set';
export { redPlaceOf, type Stop } from './pain-stop';
export { refit } from './refit';
export { currentRest, restLeft, type Rest } from './rest';
export { liftInTurn } from './turn';
export { standingOf, takenElsewhere, type Standing } from './standing';
export { howMany, isSharing, stationOf } from './station';
export { takenKey } from './taken';
export {
  planWatching,
  LONGEST_UNSEEN_MS,
  unseenReason,
  watchedUntil,
  WORTH_WATCHING,
  worthOfWatching,
  type ComingSet,
  type Watch,
} from './attention';
export { reasonsToWatch } from './worth-watching';
export { asksRampMove, asksVerdict } from './verdict';
export { cleanRepsOf, reserveAsked, resultOf, type Watched } from './watched';
