export { barDropMm } from './bar-height';
export { plateChange } from './change';
export { handlingBetween } from './handling';
export { loadBar, type LoadObstacle } from './loader';
export { fixedAt, plateImplement, type LoadWindow } from './plate-implement';
export { handlingApart, shareBar, type SharedOrder, type SharedSet } from './shared-bar';
export { loadTwoBars } from './two-bars';
