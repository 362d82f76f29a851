export {
  drillJoints,
  bodyRanges,
  drillStates,
  jobs,
  type BodyRange,
  type Drill,
  type DrillState,
  type Job,
} from './general/drill';
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
} from './general/general';
export { neededRanges } from './general/needed-ranges';
export { swapped } from './general/swap';
export {
  habitReason,
  isSettled,
  noHabit,
  verdictEffect,
  verdicts,
  type RampChoice,
  type RampHabit,
  type WarmUpVerdict,
} from './ramp/habit';
export {
  planRamp,
  primers,
  windowsFor,
  type PlannedRamp,
  type Primer,
  type RampRequest,
} from './ramp/plan-ramp';
export { isFlagged, noviceBound, rampFor } from './ramp/ramp-for';
export { chooseRamp, mayPassWorkingLoad, rampKinds, type RampKind } from './ramp/ramp-kind';
export { isWarm } from './ramp/warm-muscles';
export { loadProblem, type LoadProblem } from './ramp/working-load';
