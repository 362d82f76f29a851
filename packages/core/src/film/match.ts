import { greyAt, type Frame, type Spot } from './frame';

/** What to look for: a square of a picture round a place, its mean taken off and its contrast made one. */
export interface Patch {
  radius: number;
  values: Float32Array;
}

/** Where a patch was found, and how alike it is there: 1 the same, 0 nothing alike. */
export interface Found extends Spot {
  score: number;
}

/** A square flatter than this (sum of squares a pixel) shows nothing that could be found again. */
const LEAST_CONTRAST = 4;

/** The patch round a place, which may lie between pixels; null where there is nothing to see. */
export function patchAt(frame: Frame, { x, y }: Spot, radius: number): Patch | null {
  const side = 2 * radius + 1;
  const values = new Float32Array(side * side);
  let sum = 0;
  for (let row = 0; row < side; row += 1) {
    for (let column = 0; column < side; column += 1) {
      const grey = greyAt(frame, x + column - radius, y + row - radius);
      values[row * side + column] = grey;
      sum += grey;
    }
  }
  return normalised({ radius, values }, sum / values.length);
}

function normalised({ radius, values }: Patch, mean: number): Patch | null {
  let squares = 0;
  for (let at = 0; at < values.length; at += 1) {
    values[at]! -= mean;
    squares += values[at]! * values[at]!;
  }
  if (squares < LEAST_CONTRAST * values.length) return null;
  const norm = Math.sqrt(squares);
  for (let at = 0; at < values.length; at += 1) values[at]! /= norm;
  return { radius, values };
}

/** The mean of two patches of one size; the first's share is `share`, 0 to 1. */
export function blended(one: Patch, other: Patch, share: number): Patch {
  const values = one.values.map((value, at) => share * value + (1 - share) * other.values[at]!);
  return normalised({ radius: one.radius, values }, 0) ?? one;
}

/** Normalised cross-correlation of a patch with the picture round a whole pixel (Lewis, 1995). */
function alike({ width, pixels }: Frame, { radius, values }: Patch, x: number, y: number): number {
  const side = 2 * radius + 1;
  let [cross, sum, squares] = [0, 0, 0];
  let at = 0;
  for (let row = 0; row < side; row += 1) {
    const start = (y - radius + row) * width + x - radius;
    for (let column = 0; column < side; column += 1) {
      const grey = pixels[start + column]!;
      cross += grey * values[at]!;
      sum += grey;
      squares += grey * grey;
      at += 1;
    }
  }
  const spread = squares - (sum * sum) / (side * side);
  return spread < LEAST_CONTRAST * side * side ? 0 : cross / Math.sqrt(spread);
}

/** Where between three neighbours a curve through them is highest, −0.5 to 0.5 from the middle. */
const summit = (before: number, here: number, after: number): number => {
  const bend = before - 2 * here + after;
  return bend >= 0 ? 0 : Math.min(0.5, Math.max(-0.5, (before - after) / (2 * bend)));
};

/**
 * Where a patch is most alike within `reach` pixels of a place, to a fraction of a pixel; null where the picture ends before.
 */
export function bestMatch(frame: Frame, patch: Patch, around: Spot, reach: number): Found | null {
  const edge = patch.radius;
  const [middleX, middleY] = [Math.round(around.x), Math.round(around.y)];
  const left = Math.max(edge, middleX - reach);
  const right = Math.min(frame.width - 1 - edge, middleX + reach);
  const top = Math.max(edge, middleY - reach);
  const bottom = Math.min(frame.height - 1 - edge, middleY + reach);
  if (left > right || top > bottom) return null;
  const across = right - left + 1;
  const scores = new Float32Array(across * (bottom - top + 1));
  let best = 0;
  for (let y = top; y <= bottom; y += 1) {
    for (let x = left; x <= right; x += 1) {
      const at = (y - top) * across + x - left;
      scores[at] = alike(frame, patch, x, y);
      if (scores[at]! > scores[best]!) best = at;
    }
  }
  const [column, row] = [best % across, Math.floor(best / across)];
  const score = scores[best]!;
  const beside = (at: number, inside: boolean) => (inside ? scores[at]! : score);
  return {
    x:
      left +
      column +
      summit(beside(best - 1, column > 0), score, beside(best + 1, column < across - 1)),
    y:
      top +
      row +
      summit(
        beside(best - across, row > 0),
        score,
        beside(best + across, best + across < scores.length),
      ),
    score,
  };
}
