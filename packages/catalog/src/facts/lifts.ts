import type { Lift } from '@spalo/core/lift';
import { armLifts } from './arm';
import { calfLifts } from './calf';
import { carryLifts } from './carry';
import { hingeLifts } from './hinge';
import { hipLifts } from './hip';
import { kneeLifts } from './knee';
import { lungeLifts } from './lunge';
import { pressLifts } from './press';
import { pullLifts } from './pull';
import { pushLifts } from './push';
import { rowLifts } from './row';
import { shoulderLifts } from './shoulder';
import { squatLifts } from './squat';
import { trunkLifts } from './trunk';

/** Every lift of the catalogue, by pattern. */
export const catalogueLifts: readonly Lift[] = [
  ...squatLifts,
  ...lungeLifts,
  ...hingeLifts,
  ...hipLifts,
  ...kneeLifts,
  ...calfLifts,
  ...pushLifts,
  ...pressLifts,
  ...rowLifts,
  ...pullLifts,
  ...shoulderLifts,
  ...armLifts,
  ...trunkLifts,
  ...carryLifts,
];
