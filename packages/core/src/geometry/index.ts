/** Set-ups for a body: a face of its own, fetched where a position is looked at. */
export { bodyFromHeight, bodyWith, measured, type BodyLengths, type LengthSource } from './body';
export { mainCause, withDoubt, type Answer } from './doubt';
export { pullStart, pullStyles, type PullSetUp, type PullStyle } from './pull';
export { squatBottom, squatStyles, type SquatSetUp, type SquatStyle } from './squat';
export { pressWay, pullWay, squatWay, type Pose } from './way';
export { lengthsFromStill, type StillSpots } from './still';
