export {
  aheadAfter,
  blockNow,
  blockToday,
  daysAhead,
  type BlockSoFar,
  type BlockToday,
} from './block-today';
export { blockView, type BlockDayView, type BlockLiftView, type BlockView } from './block-view';
export { cueAgainst, cuesAgainst } from './cue-choice';
export type { CoachedClient } from './client';
export { decideFor, ruleFor } from './decision-context';
export { draftInputFor, type Training } from './draft-input';
export { firstLesson, offersLesson, type LessonStep } from './first-lesson';
export { floorContextFor, liftHere } from './floor-context';
export { generalInputFor } from './general-input';
export { historyContext } from './history';
export { cueToJudge, type CueToJudge } from './judge-cue';
export { ladderStanding } from './ladder-standing';
export { pointsGotWrong } from './points-to-see';
export { programmeFor, programmeLift } from './programme';
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
export {
  isItWorking,
  type Advice,
  type BlockBefore,
  type LiftWorking,
  type Working,
} from './is-it-working';
