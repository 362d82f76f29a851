import type { Joint, Side } from '@spalo/core/lift';

/** A place of the body that is touched on its drawing. `x` and `y` are shares of the drawing's width and height. */
export interface Spot {
  place: Joint;
  side: Side;
  x: number;
  y: number;
}

type Height = readonly [place: Joint, fromMiddle: number, y: number];

/** From the front, as one stands before the client: their right is at the left. */
const front: readonly Height[] = [
  ['shoulder', 0.24, 0.21],
  ['elbow', 0.33, 0.35],
  ['wrist', 0.39, 0.5],
  ['hand', 0.43, 0.69],
  ['hip', 0.13, 0.5],
  ['knee', 0.14, 0.72],
  ['ankle', 0.15, 0.93],
];

/** The places in pairs, seen from the front. */
export const frontSpots: readonly Spot[] = front.flatMap(([place, fromMiddle, y]): Spot[] => [
  { place, side: 'right', x: 0.5 - fromMiddle, y },
  { place, side: 'left', x: 0.5 + fromMiddle, y },
]);

/** The places along the spine, seen from behind. */
export const backSpots: readonly Spot[] = [
  { place: 'neck', side: 'none', x: 0.5, y: 0.15 },
  { place: 'upper back', side: 'none', x: 0.5, y: 0.28 },
  { place: 'low back', side: 'none', x: 0.5, y: 0.43 },
];
