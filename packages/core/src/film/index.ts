/** What a film shows: a face of its own, fetched where a clip is looked at. */
export { snapped, type Circle } from './circle';
export { greyOf, halved, type Frame, type Spot } from './frame';
export { pathOf, scaleBy, type Facing, type PathPoint, type View } from './path';
export { cornerAngle } from '../geometry/point';
export { hipsFirst, stickAngles, type Stick, type StickJoint } from './points';
export { repsOf, wayOf, type RepNumbers } from './reps';
export { signsOf, type SeenSign } from './signs';
export { makeTracker, type Track } from './track';
