import type { Style } from '@spalo/catalog';
import { answersOf, bodyOf, poseOf, type Built } from '@spalo/coaching/build';
import { bodyFromHeight } from '@spalo/core/geometry';
import { lifterLines, lifterScale, pathThrough } from '../../design/lifter-shape';

/** Whom a position is drawn with where nobody's height is known. */
const USUAL = { heightMm: 1720, bodyMassG: 72_000, segments: null };

interface Dot {
  x: number;
  y: number;
}

/** A body at a position as lines of a picture, for what is not drawn by the screen: a page that is printed. */
export interface DrawnFigure {
  says: string;
  width: number;
  height: number;
  /** Paths of SVG. */
  limbs: { d: string; width: number }[];
  head: Dot;
  bar: Dot;
  /** The middle of the foot on the floor, which the bar stays over. */
  foot: Dot;
}

/** A style's set-up, drawn in a client's own body where that is known; null where none is, or it cannot be reached. */
export function drawnFigure(
  client: Built,
  { position }: Style,
  size: { width: number; height: number; margin: number },
): DrawnFigure | null {
  if (!position) return null;
  const own = bodyOf(client);
  const built = own ? client : USUAL;
  const body = own ?? bodyFromHeight(USUAL.heightMm);
  const pose = poseOf(built, body, position);
  if (!pose) return null;
  const at = lifterScale([pose], size);
  const lines = lifterLines(pose);
  return {
    says: answersOf(built, body, position).join('; '),
    width: size.width,
    height: size.height,
    limbs: [
      { d: pathThrough(lines.foot, at), width: 6 },
      { d: pathThrough(lines.body, at), width: 6 },
      { d: pathThrough(lines.arm, at), width: 4 },
    ],
    head: at(lines.head),
    bar: at(pose.bar),
    foot: at({ x: 0, y: 0 }),
  };
}
