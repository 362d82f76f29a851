export { joints, sides, type Joint, type Side, type StressKind } from './joints';
export { amountText, HELD_STEP, heldCounts, type HeldCount } from './counted';
export type { Lift, LiftImplement, LoadBelief, RepRange } from './lift';
export { muscles, type Muscle } from './muscles';
export { familyOf, patterns, type Pattern } from './patterns';
export { furnitureKinds, type FurnitureKind, type Place } from './places';
export { isSteady, jointsIn } from './position';
export { stations, type Station } from './stations';
