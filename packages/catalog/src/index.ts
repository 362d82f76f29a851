export { findDrill, drills } from './drills/drills';
export { findLift, liftById, lifts } from './facts/lifts';
export { breathingOut, lessonBreathingOut } from './lessons/breathing-out';
export {
  checkpointToday,
  cueOf,
  faultOf,
  regressionOf,
  safetyFaults,
  styleOf,
  stylesOf,
} from './lessons/taught';
export { bar, bells, kg, machine, plates, stack } from './rooms/parts';
export { roomPresets } from './rooms/presets';
export { phases, type Glyph } from './schema/terms';
export type { Fault, Lesson, Style } from './schema/lesson';
export type { TaughtCue, TaughtFault, TaughtStyle } from './schema/taught';
export {
  cautionsOf,
  isScreened,
  screeningQuestions,
  type ScreeningAnswer,
} from './screening/screening';
