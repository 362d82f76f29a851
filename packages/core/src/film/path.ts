import type { Spot } from './frame';
import type { Track } from './track';

/** Which way the lifter faces in the picture. */
export const facings = ['right', 'left'] as const;
export type Facing = (typeof facings)[number];

/** What makes a track in a picture a path in the room. */
export interface View {
  /** Millimetres a pixel, in the plane of the plate that gave the scale. */
  mmPerPixel: number;
  facing: Facing;
  /** Where in the first picture the plumb line through the middle of the foot stands, pixels from the left. */
  plumbX: number;
  /** The floor's height in the first picture, pixels from the top; what lies above it is counted up. */
  floorY: number;
}

/** A moment of the bar, millimetres: x forward of the plumb line, y above the floor. */
export interface PathPoint {
  t: number;
  x: number;
  y: number;
}

/** A place of the first picture as a place in the room. */
function inRoom({ mmPerPixel, facing, plumbX, floorY }: View, { x, y }: Spot) {
  const forward = facing === 'right' ? 1 : -1;
  return { x: forward * (x - plumbX) * mmPerPixel, y: (floorY - y) * mmPerPixel };
}

/** Millimetres a pixel by a plate: its diameter (mm) and the radius that it has in the picture (pixels). */
export const scaleBy = (plateMm: number, radius: number): number => plateMm / (2 * radius);

/** The bar's path in the room. */
export const pathOf = (track: Pick<Track, 'points'>, view: View): PathPoint[] =>
  track.points.map(({ t, at }) => ({ t, ...inRoom(view, at) }));

/** Neighbours within this much time (s) are averaged, each way: less than the quickest turn of a bar takes. */
const SMOOTH_S = 0.05;

/** The path without what shakes between two pictures: the mean of what lies within a twentieth of a second. */
export function smoothed(path: readonly PathPoint[]): PathPoint[] {
  let from = 0;
  let to = 0;
  return path.map(({ t }) => {
    while (path[from]!.t < t - SMOOTH_S) from += 1;
    while (to < path.length && path[to]!.t <= t + SMOOTH_S) to += 1;
    const near = path.slice(from, to);
    return {
      t,
      x: near.reduce((sum, point) => sum + point.x, 0) / near.length,
      y: near.reduce((sum, point) => sum + point.y, 0) / near.length,
    };
  });
}
