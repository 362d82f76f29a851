export type { CoachedClient } from './client';
export { decideFor } from './decision-context';
export { draftInputFor } from './draft-input';
export { floorContextFor, liftHere } from './floor-context';
export { generalInputFor } from './general-input';
export { historyContext } from './history';
export { programmeFor, programmeLift } from './programme';
export { rampTodayFor } from './ramp-today';
export { warmLifts } from './warm-lifts';
