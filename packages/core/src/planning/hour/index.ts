export { arrangeHour, type ArrangedHour } from './arrange';
export { wantsOf, type HourClient, type HourLift } from './clients';
export { neededIn, type Needed } from './needed';
export type { Thing, Want } from './things';
export { likelySeconds } from './windows';
