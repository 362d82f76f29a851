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
} from './cue-belief';
export { patternRemedy, patternsOf, type MarkedSet, type MarkPattern } from './mark-patterns';
export type { OwnCheckpoint, OwnCue, OwnLift, OwnStyle } from './own-lift';
export { cueKinds, phases, views, type Phase } from './terms';
