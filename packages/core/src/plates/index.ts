export { barDropMm } from './bar-height';
export { plateChange } from './change';
export { handlingBetween } from './handling';
export { fixedAt, plateImplement, type LoadWindow } from './plate-implement';
