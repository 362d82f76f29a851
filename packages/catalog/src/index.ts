export type { Position } from './schema/position';
export { drills } from './drills/drills';
export { drillsHere, findDrill } from './studio/drills';
export { catalogueLifts } from './facts/lifts';
export { teachHere, teachingOf, whileTeaching, type Teaching } from './studio/here';
export { allLifts, findLift, liftById, repLifts } from './studio/lifts';
export { breathingOut, cueBreathingOut, lessonBreathingOut } from './lessons/breathing-out';
export { lessonWithoutTouch, withoutTouch } from './lessons/without-touch';
export {
  checkpointToday,
  cueOf,
  faultOf,
  easierLiftOf,
  regressionOf,
  safetyFaults,
  styleOf,
  stylesOf,
} from './lessons/taught';
export { setUpPhases, type Glyph } from './schema/terms';
export type { Fault, Lesson, Style, TeachStep } from './schema/lesson';
export type { TaughtCue, TaughtFault, TaughtStyle } from './schema/taught';
export {
  cautionsOf,
  isScreened,
  screeningQuestions,
  type ScreeningAnswer,
} from './screening/screening';
