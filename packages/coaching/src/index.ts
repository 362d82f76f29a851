export { blockNow } from './planning/block-today';
export { cueAgainst, cuesAgainst } from './technique/cue-choice';
export type { CoachedClient } from './client/client';
export { draftInputFor } from './planning/draft-input';
export { firstLesson, offersLesson, type LessonStep } from './technique/first-lesson';
export { floorContextFor, liftHere } from './planning/floor-context';
export { cueTo, type Learner } from './technique/taught-to';
export { generalInputFor, generalMinutes } from './planning/general-input';
export { historyContext } from './planning/history';
export { cueToJudge, type CueToJudge } from './technique/judge-cue';
export { ladderStanding } from './technique/ladder-standing';
export { pointsGotWrong } from './technique/points-to-see';
export { builtProgramme, programmeFor, programmeLift } from './programme/programme';
export { rampTodayFor } from './planning/ramp-today';
export { warmLifts } from './planning/warm-lifts';
export {
  cuesOf,
  learnedFrom,
  nothingLearned,
  shareOf,
  type ClientShare,
  type StudioLearned,
} from './technique/studio-learned';
export { substitutesFor } from './programme/substitutes';
export { whatMarksSay, type FoundPattern } from './technique/what-marks-say';
