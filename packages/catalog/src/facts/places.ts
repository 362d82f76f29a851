import type { Place } from '@spalo/core/lift';

/** A bench to sit, lie or lean on, flat. */
export const anyBench: readonly Place[] = [['flat bench'], ['adjustable bench'], ['press bench']];

/** A bench under hooks. */
export const benchPressed: readonly Place[] = [
  ['press bench'],
  ['rack', 'flat bench'],
  ['rack', 'adjustable bench'],
];
