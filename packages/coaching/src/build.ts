/** Build: what a set-up looks like for a body. A face of its own, for where positions are looked at. */
export { bodyOf, type Built } from './build/body-of';
export {
  answersOf,
  blocksSays,
  lookSays,
  pullStarts,
  squatLeans,
  stanceSays,
  whyText,
} from './build/says';
export {
  barHeightOf,
  poseAt,
  poseOf,
  squatOf,
  type Pose,
  type Position,
  type Stance,
} from './build/pose';
