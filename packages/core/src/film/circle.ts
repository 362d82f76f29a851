import { greyAt, type Frame, type Spot } from './frame';

/** A plate's edge in a picture, pixels. */
export interface Circle extends Spot {
  radius: number;
}

const POINTS = 48;
/** A finger draws a rim no farther off than this share of it: what lies farther in is a hub, not the rim. */
const FINGER = 0.15;

/** How strongly the grey changes across a circle, all round; light to dark and dark to light alike. */
function edge(frame: Frame, { x, y, radius }: Circle): number {
  let sum = 0;
  for (let point = 0; point < POINTS; point += 1) {
    const angle = (2 * Math.PI * point) / POINTS;
    const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
    const outside = greyAt(frame, x + (radius + 1.5) * cos, y + (radius + 1.5) * sin);
    const inside = greyAt(frame, x + (radius - 1.5) * cos, y + (radius - 1.5) * sin);
    // One arm or leg before the plate must not decide it.
    sum += Math.min(60, Math.abs(outside - inside));
  }
  return sum;
}

/** The circle near a drawn one that follows an edge best: a finger is coarser than a plate's rim. */
export function snapped(frame: Frame, drawn: Circle): Circle {
  let best = drawn;
  let most = edge(frame, drawn);
  for (const by of [2, 0.5]) {
    const from = best;
    const wide = by === 2 ? 4 : 3;
    for (let dr = -wide; dr <= wide; dr += 1) {
      for (let dx = -wide; dx <= wide; dx += 1) {
        for (let dy = -wide; dy <= wide; dy += 1) {
          const near = { x: from.x + dx * by, y: from.y + dy * by, radius: from.radius + dr * by };
          if (Math.abs(near.radius - drawn.radius) > FINGER * drawn.radius) continue;
          const strength = edge(frame, near);
          if (strength > most) [best, most] = [near, strength];
        }
      }
    }
  }
  return best;
}
