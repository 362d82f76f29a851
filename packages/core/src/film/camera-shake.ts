import type { Frame, Spot } from './frame';
import { bestMatch, patchAt, type Patch } from './match';

/** How a picture lies against the first: turned by an angle (radians), made larger and moved (pixels). */
export interface Shift {
  cos: number;
  sin: number;
  x: number;
  y: number;
}
const STILL: Shift = { cos: 1, sin: 0, x: 0, y: 0 };

/** Where a place of a picture lay in the first one. */
export function unshifted({ cos, sin, x, y }: Shift, spot: Spot): Spot {
  const size = cos * cos + sin * sin;
  const [dx, dy] = [spot.x - x, spot.y - y];
  return { x: (cos * dx + sin * dy) / size, y: (-sin * dx + cos * dy) / size };
}

/** Where a place of the first picture lies in this one. */
const shifted = ({ cos, sin, x, y }: Shift, spot: Spot): Spot => ({
  x: cos * spot.x - sin * spot.y + x,
  y: sin * spot.x + cos * spot.y + y,
});

interface Landmark {
  at: Spot;
  patch: Patch;
}

const RADIUS = 7;
const REACH = 5;
const COLUMNS = 5;
const ROWS = 7;
/** A landmark is seen where it is at least so alike. */
const SEEN = 0.75;
/** Landmarks that move otherwise than the rest by more than this (pixels) stand on somebody who moves. */
const STRAY = 1.2;
const LEAST_SEEN = 4;

/** How much a place differs from its neighbours in both directions (Harris and Stephens, 1988), by its lesser part. */
function cornered({ width, pixels }: Frame, x: number, y: number): number {
  let [xx, yy, xy] = [0, 0, 0];
  for (let row = y - RADIUS; row <= y + RADIUS; row += 2) {
    for (let column = x - RADIUS; column <= x + RADIUS; column += 2) {
      const at = row * width + column;
      const dx = pixels[at + 1]! - pixels[at - 1]!;
      const dy = pixels[at + width]! - pixels[at - width]!;
      xx += dx * dx;
      yy += dy * dy;
      xy += dx * dy;
    }
  }
  return (xx + yy - Math.hypot(xx - yy, 2 * xy)) / 2;
}

/** The places of the first picture that are told apart best, one in each field of a grid, none near the bar. */
function landmarksOf(frame: Frame, bar: Spot): Landmark[] {
  const edge = RADIUS + REACH + 2;
  const [wide, high] = [(frame.width - 2 * edge) / COLUMNS, (frame.height - 2 * edge) / ROWS];
  const found: Landmark[] = [];
  for (let field = 0; field < COLUMNS * ROWS; field += 1) {
    const left = edge + (field % COLUMNS) * wide;
    const top = edge + Math.floor(field / COLUMNS) * high;
    let best = { score: 0, x: 0, y: 0 };
    for (let y = Math.ceil(top); y < top + high; y += 4) {
      for (let x = Math.ceil(left); x < left + wide; x += 4) {
        if (Math.abs(x - bar.x) < 0.12 * frame.width) continue;
        const score = cornered(frame, x, y);
        if (score > best.score) best = { score, x, y };
      }
    }
    const patch = best.score > 0 && patchAt(frame, best, RADIUS);
    if (patch) found.push({ at: { x: best.x, y: best.y }, patch });
  }
  return found;
}

interface Pair {
  from: Spot;
  to: Spot;
}

const mean = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value, 0) / values.length;

/** The turn, size and move that take places nearest to where they are seen (least squares; Umeyama, 1991). */
function fitted(pairs: readonly Pair[]): Shift {
  const from = { x: mean(pairs.map((p) => p.from.x)), y: mean(pairs.map((p) => p.from.y)) };
  const to = { x: mean(pairs.map((p) => p.to.x)), y: mean(pairs.map((p) => p.to.y)) };
  let [along, across, size] = [0, 0, 0];
  for (const pair of pairs) {
    const [ax, ay] = [pair.from.x - from.x, pair.from.y - from.y];
    const [bx, by] = [pair.to.x - to.x, pair.to.y - to.y];
    along += ax * bx + ay * by;
    across += ax * by - ay * bx;
    size += ax * ax + ay * ay;
  }
  const [cos, sin] = [along / size, across / size];
  return { cos, sin, x: to.x - cos * from.x + sin * from.y, y: to.y - sin * from.x - cos * from.y };
}

const apart = (a: Spot, b: Spot) => Math.hypot(a.x - b.x, a.y - b.y);

const middle = (values: readonly number[]): number => {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.floor(sorted.length / 2)]!;
};

/** Those that moved as most did; who walks through the picture moved otherwise. */
function together(pairs: readonly Pair[]): Pair[] {
  const move = {
    x: middle(pairs.map((p) => p.to.x - p.from.x)),
    y: middle(pairs.map((p) => p.to.y - p.from.y)),
  };
  // A turn moves what lies far apart differently: this much is let through to the fit.
  const near = pairs.filter(
    (p) => apart(p.to, { x: p.from.x + move.x, y: p.from.y + move.y }) < 4 * STRAY,
  );
  if (near.length < LEAST_SEEN) return near;
  const first = fitted(near);
  return near.filter((p) => apart(p.to, shifted(first, p.from)) < STRAY);
}

/** Follows how a hand-held camera moves, by what stands still in the picture. */
export function makeShake(first: Frame, bar: Spot): (frame: Frame) => Shift {
  const landmarks = landmarksOf(first, bar);
  let last = STILL;
  return (frame) => {
    const pairs = landmarks.flatMap(({ at, patch }): Pair[] => {
      const found = bestMatch(frame, patch, shifted(last, at), REACH);
      return found && found.score >= SEEN ? [{ from: at, to: found }] : [];
    });
    if (pairs.length >= LEAST_SEEN) {
      const kept = together(pairs);
      if (kept.length >= LEAST_SEEN) last = fitted(kept);
    }
    return last;
  };
}
