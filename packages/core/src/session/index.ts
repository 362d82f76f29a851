export type { BlockDay } from './block-day';
export { dayAfters, shareOfStep, WAY_BACK, type DayAfter, type WayBack } from './way-back';
export { ceilingReasons, ceilingText, allowedLoad, easedLoad } from './ceiling';
export { sessionEvent, type EventPayloads, type EventType, type SessionEvent } from './events';
export type { CuePayloads } from './events/cue';
export type { LessonPayloads } from './events/lesson';
export type { LiftPayloads } from './events/lift';
export type { FilmPayloads } from './events/film';
export {
  clipTypes,
  MOST_CLIP_BYTES,
  MOST_CLIP_MS,
  MOST_POINTS,
  pathPoints,
  storedPath,
  type Clip,
  type ClipFile,
  type ClipType,
  type Followed,
  type Review,
  type Still,
  type StoredPath,
} from './film';
export { mainFault } from './main-fault';
export type { NotePayloads } from './events/note';
export type { PainPayloads } from './events/pain';
export type { PlanPayloads } from './events/plan';
export type { SessionPayloads } from './events/session';
export type { SetPayloads } from './events/set';
export type { WarmUpPayloads } from './events/warm-up';
export {
  isRedSign,
  painKinds,
  painPlaces,
  redSigns,
  signTold,
  type Pain,
  type PainKind,
  type RedSign,
} from './pain';
export {
  type Again,
  type LoadedLift,
  onDayOf,
  planOf,
  rampReasonsOf,
  stepKinds,
  type LiftPlan,
  type PastStep,
  type PlannedLift,
  type Step,
  type StepKind,
} from './plan';
export { CLEAN_SHARE } from './clean';
export { reduceSession } from './reduce';
export type { Mark, SetResult } from './set-result';
export {
  STATE_VERSION,
  countedSets,
  duplicatesOf,
  lastSet,
  liftIsDone,
  lookedAtFor,
  newLift,
  nextStepIndex,
  type GeneralStepState,
  type LiftState,
  type LoggedSet,
  type SessionState,
} from './state';
export { remedyKinds, type RemedyKind } from './remedy';
export { partnerOf } from './pair';
export { schemeNames, type SchemeName } from './scheme';
export { ruleIn, type OwnRule } from './own-rule';
