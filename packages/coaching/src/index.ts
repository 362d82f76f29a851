export { blockNow } from './block-today';
export { cueAgainst, cuesAgainst } from './cue-choice';
export type { CoachedClient } from './client';
export { decideFor, ruleFor } from './decision-context';
export { draftInputFor } from './draft-input';
export { firstLesson, offersLesson, type LessonStep } from './first-lesson';
export { floorContextFor, liftHere } from './floor-context';
export { cueTo, type Learner } from './taught-to';
export { generalInputFor, generalMinutes } from './general-input';
export { historyContext } from './history';
export { cueToJudge, type CueToJudge } from './judge-cue';
export { ladderStanding } from './ladder-standing';
export { pointsGotWrong } from './points-to-see';
export { builtProgramme, programmeFor, programmeLift } from './programme';
export { rampTodayFor } from './ramp-today';
export { warmLifts } from './warm-lifts';
export {
  cuesOf,
  learnedFrom,
  nothingLearned,
  shareOf,
  type ClientShare,
  type StudioLearned,
} from './studio-learned';
export { substitutesFor } from './substitutes';
export { suggestStyle } from './suggest-style';
export { whatMarksSay, type FoundPattern } from './what-marks-say';
