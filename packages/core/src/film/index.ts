/** What a film shows: a face of its own, fetched where a clip is looked at. */
export { snapped, type Circle } from './circle';
export { greyOf, halved, type Frame, type Spot } from './frame';
export {
  facings,
  inRoom,
  pathOf,
  scaleBy,
  smoothed,
  type Facing,
  type PathPoint,
  type View,
} from './path';
export { cornerAngle } from '../geometry/point';
export { hipsFirst, stickAngles, stickJoints, type Stick, type StickJoint } from './points';
export { repsOf, wayOf, ways, type RepNumbers, type Way } from './reps';
export { filmSigns, signsOf, type FilmSign, type SeenSign } from './signs';
export { makeTracker, type TimedFrame, type Track, type TrackPoint } from './track';
