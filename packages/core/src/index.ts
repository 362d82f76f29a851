export { ofThisVersion, streamKey, type LogEvent, type StreamKind } from './log/event';
export { madeMs, timeOfId } from './log/time-of-id';
export { clockAheadMs, nowIso, nowMs, setClock } from './unit/clock';
export { dayIn, dayPlus, setStudioZone, studioDay } from './unit/days';
export { countText, LANGUAGE, listText } from './unit/language';
export { dayFrom, letteredDay, writtenDay, type WrittenOrder } from './unit/written-day';
export {
  fromGrams,
  massNumber,
  massText,
  toGrams,
  typedMass,
  units,
  type Grams,
  type Unit,
} from './unit/mass';
export { joints, sides, type Joint, type Side, type StressKind } from './lift/joints';
export { amountText, HELD_STEP, heldCounts, type HeldCount } from './lift/counted';
export type { Lift, LiftImplement, LoadBelief, RepRange } from './lift/lift';
export { muscles, type Muscle } from './lift/muscles';
export { familyOf, patterns, type Pattern } from './lift/patterns';
export { isSteady, jointsIn } from './lift/position';
export { stations, type Station } from './lift/stations';
export { ageOn, isOlder, isUnderAge } from './person/age';
export { isUnlikelyMass } from './person/body-mass';
export { cautionsFor, exhales, mayBeTouched, startsCareful } from './person/careful';
export { cautionKinds, type Caution } from './person/caution';
export { isClosed, type Limit } from './person/limit';
export { lockOf } from './person/lock';
export { askAgain } from './person/ask-again';
export { importedLifts, type ImportedSet } from './strength/imported';
export {
  liftLimit,
  openReps,
  rangeLimit,
  rangeOf,
  flagsOn,
  type FlagOnLift,
  spotText,
  workingRange,
} from './person/limits';
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
} from './person/person';
export { isRedPlace, lockedBy, redFlag } from './person/red-flag';
export { isInFirstYear } from './person/training-age';
export { noWishes, type Wishes } from './person/wishes';
export {
  turnedDownOn,
  turnedDownReasons,
  type TurnedDown,
  type TurnedDownReason,
} from './person/turned-down';
export type { BlockDay } from './session/block-day';
export { dayAfters, shareOfStep, WAY_BACK, type DayAfter, type WayBack } from './session/way-back';
export { ceilingReasons, ceilingText, allowedLoad, easedLoad } from './session/ceiling';
export { flagsAfter, flagsRaised } from './floor/flags-after';
export { allowedAsk } from './block/within-limits';
export { degreeOf, degreeOfPain, ratedNow } from './person/flag-degree';
export { flagDegrees, type FlagDegree } from './person/degree';
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
} from './block/block';
export {
  blockEvent,
  type BlockEvent,
  type BlockEventType,
  type BlockPayloads,
} from './block/events';
export { reduceBlock } from './block/reduce';
export { blockOn, daysOf, daysToCome, doneDays, nextDay } from './block/days';
export { lastCleanLoad, type Ahead } from './block/asked-plan';
export type { DoneDay, DoneLift } from './memory/block-memory';
export {
  implementKey,
  platesOf,
  type Build,
  type Implement,
  type Loadable,
} from './room/implement';
export {
  barKinds,
  type Band,
  type Barbell,
  type Dumbbell,
  type Kettlebell,
  type Machine,
  type Plate,
  type Room,
  type Stack,
} from './room/room';
export { barDropMm } from './plates/bar-height';
export { plateChange } from './plates/change';
export { handlingBetween } from './plates/handling';
export { loadBar, type LoadObstacle } from './plates/loader';
export { fixedAt, plateImplement, type LoadWindow } from './plates/plate-implement';
export { handlingApart, shareBar, type SharedOrder, type SharedSet } from './plates/shared-bar';
export { loadTwoBars } from './plates/two-bars';
export { canBeLoaded, implementsFor } from './loads/choose-implement';
export { loadables } from './loads/loadables';
export {
  around,
  atOrBelow,
  exactly,
  lightest,
  listed,
  nearest,
  noLoads,
  shownAs,
  stepDown,
  stepUp,
  type Loads,
} from './loads/loads';
export { inGrams, type LogLoad } from './strength/answer';
export type { Belief } from './strength/belief';
export { REFERENCE_BODY_MASS_G, Z80 } from './strength/constants';
export { estimatedOneRepMax, loadForReps } from './strength/epley';
export { explainEstimate, type Explanation, type SetEffect } from './strength/explain';
export { bearings, type PastSet } from './strength/past-set';
export { priorLog } from './strength/prior';
export { certainties, readStrength, type Doubt, type StrengthProfile } from './strength/profile';
export { replay, startingBelief, takeSets } from './strength/replay';
export { liftOffs, studioRatios, type LiftOffs, type StudioRatios } from './strength/studio-ratios';
export { MODEL_VERSION, loadBelief, saveBelief, type SavedBelief } from './strength/saved-belief';
export {
  drillJoints,
  bodyRanges,
  drillStates,
  jobs,
  type BodyRange,
  type Drill,
  type DrillState,
  type Job,
} from './warm-up/general/drill';
export {
  buildGeneral,
  generalSeconds,
  plainTaste,
  stepSeconds,
  substitutes,
  type General,
  type GeneralInput,
  type GeneralStep,
  type WarmUpTaste,
} from './warm-up/general/general';
export { neededRanges } from './warm-up/general/needed-ranges';
export { swapped } from './warm-up/general/swap';
export { fitRamp, rampSeconds, type FittedRamp } from './warm-up/ramp/fit-ramp';
export {
  habitReason,
  isSettled,
  noHabit,
  verdictEffect,
  verdicts,
  type RampChoice,
  type RampHabit,
  type WarmUpVerdict,
} from './warm-up/ramp/habit';
export {
  planRamp,
  primers,
  windowsFor,
  type PlannedRamp,
  type Primer,
  type RampRequest,
} from './warm-up/ramp/plan-ramp';
export { isFlagged, noviceBound, rampFor } from './warm-up/ramp/ramp-for';
export { chooseRamp, mayPassWorkingLoad, rampKinds, type RampKind } from './warm-up/ramp/ramp-kind';
export { isWarm } from './warm-up/ramp/warm-muscles';
export { loadProblem, type LoadProblem } from './warm-up/ramp/working-load';
export {
  sessionEvent,
  type EventPayloads,
  type EventType,
  type SessionEvent,
} from './session/events';
export type { CuePayloads } from './session/events/cue';
export type { LessonPayloads } from './session/events/lesson';
export type { LiftPayloads } from './session/events/lift';
export type { FilmPayloads } from './session/events/film';
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
} from './session/film';
export { facings } from './film/path';
export { ways } from './film/reps';
export { filmSigns, type FilmSign } from './film/signs';
export type { NotePayloads } from './session/events/note';
export type { PainPayloads } from './session/events/pain';
export type { PlanPayloads } from './session/events/plan';
export type { SessionPayloads } from './session/events/session';
export type { SetPayloads } from './session/events/set';
export type { WithdrawPayloads } from './log/withdraw';
export type { WarmUpPayloads } from './session/events/warm-up';
export {
  isRedSign,
  painKinds,
  painPlaces,
  redSigns,
  signTold,
  type Pain,
  type PainKind,
  type RedSign,
} from './session/pain';
export {
  type Again,
  type LoadedLift,
  rampReasonsOf,
  stepKinds,
  type LiftPlan,
  type PastStep,
  type PlannedLift,
  type Step,
  type StepKind,
} from './session/plan';
export { CLEAN_SHARE } from './session/clean';
export { reduceSession } from './session/reduce';
export type { Mark, SetResult } from './session/set-result';
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
} from './session/state';
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
} from './memory/history';
export {
  noMemory,
  taughtAfter,
  type LiftMemory,
  type MainFaultOf,
  type WarmUpRecord,
} from './memory/lift-memory';
export { evidenceOf } from './memory/past-sets';
export {
  rampRequest,
  stepsAfterReps,
  stepsOf,
  stepsWithLoad,
  stepsWithRamp,
  type RampToday,
} from './floor/adjust-steps';
export { buildNow, buildOf, type Lacking, type NowBuilt } from './floor/build';
export {
  choiceGrounds,
  bothTallies,
  cueOutcomes,
  isOwnCue,
  nextCue,
  noTally,
  withOutcome,
  type CueChoice,
  type CueOutcome,
  type CueTally,
} from './technique/cue-belief';
export {
  patternRemedy,
  patternsOf,
  type MarkedSet,
  type MarkPattern,
} from './technique/mark-patterns';
export type { OwnCheckpoint, OwnCue, OwnLift, OwnStyle } from './technique/own-lift';
export { cueKinds, phases, views, type Phase } from './technique/terms';
export { remedyKinds, type RemedyKind } from './session/remedy';
export { doubtOf, type AskedSet } from './floor/doubt-set';
export { generalStanding, type GeneralStanding } from './floor/general-standing';
export { proposeNextSet, stepsInSight, type FloorContext, type NextSet } from './floor/next-set';
export { redPlaceOf, type Stop } from './floor/pain-stop';
export { refit } from './floor/refit';
export { currentRest, restLeft, type Rest } from './floor/rest';
export { liftInTurn } from './floor/turn';
export { partnerOf } from './session/pair';
export { schemeNames, type SchemeName } from './session/scheme';
export { ruleIn, type OwnRule } from './session/own-rule';
export { ruleText } from './words/decisions';
export { purposeText } from './words/vocabulary';
export { closedText, isStoredWhy, whyCodes, whyText, type StoredWhy, type Why } from './words/why';
export { standingOf, takenElsewhere, type Standing } from './floor/standing';
export { howMany, isSharing, stationOf } from './floor/station';
export { takenKey } from './floor/taken';
export {
  planWatching,
  WORTH_WATCHING,
  worthOfWatching,
  type ComingSet,
  type Watch,
} from './floor/attention';
export { reasonsToWatch } from './floor/worth-watching';
export { dayForms, rampMoves, type DayForm, type RampMove } from './strength/day-form';
export { asksRampMove, asksVerdict } from './floor/verdict';
export { cleanRepsOf, reserveAsked, resultOf, type Watched } from './floor/watched';
export { decide, planOf } from './decision/decide';
export type { Decision, DecisionContext, Scheme } from './decision/decision';
export { mainFault } from './decision/fault';
export { chanceOfPlan } from './block/chance';
export { doubleProgression } from './decision/schemes/double-progression';
export {
  draftLoads,
  draftSession,
  planLift,
  usualRir,
  type Draft,
  type DraftInput,
  type LoadsDraft,
} from './planning/draft';
export type { ProgrammeLift } from './planning/programme-lift';
export { bookingStates, isExpected, type BookingState, type SessionLift } from './planning/booked';
export {
  clashesOf,
  crossing,
  neededIn,
  overlaps,
  type Hour,
  type Needed,
  type Want,
} from './planning/clash';
export { BETWEEN_LIFTS_S, sessionDuration, stepsDuration } from './planning/duration';
export { loadCardRow, type CardCell, type CardRow } from './planning/load-card';
export { cleanInARow, techniqueTrend, type TechniquePoint } from './insight/technique-trend';
export { trendsOf } from './insight/trends';
