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

/** How much a circle is believed that lies apart from the drawn one, 0 to 1: a finger is off by a twentieth, seldom by more. */
function nearness({ x, y, radius }: Circle, drawn: Circle): number {
  const off = (radius - drawn.radius) / (0.15 * drawn.radius);
  const aside = Math.hypot(x - drawn.x, y - drawn.y) / (4 + 0.15 * drawn.radius);
  return Math.exp(-(off * off + aside * aside) / 4);
}

/** A rim has rings within it; the outer edge is it where it is at least so strong as the strongest. */
const OUTER = 0.7;

/** The same circle, at the outermost of its strong edges that lies within what a finger may be off. */
function outermost(frame: Frame, found: Circle, drawn: Circle): Circle {
  const strengthOf = (circle: Circle) => edge(frame, circle) * nearness(circle, drawn);
  const most = strengthOf(found);
  for (let radius = drawn.radius * (1 + FINGER); radius > found.radius; radius -= 0.5) {
    const at = (by: number) => strengthOf({ ...found, radius: radius + by });
    const here = at(0);
    if (here >= OUTER * most && here >= at(1) && here >= at(-1)) return { ...found, radius };
  }
  return found;
}

/** The circle near a drawn one that follows an edge best: a finger is coarser than a plate's rim. */
export function snapped(frame: Frame, drawn: Circle): Circle {
  let best = drawn;
  const strengthOf = (circle: Circle) => edge(frame, circle) * nearness(circle, drawn);
  let most = strengthOf(drawn);
  for (const by of [2, 0.5]) {
    const from = best;
    const wide = by === 2 ? 4 : 3;
    for (let dr = -wide; dr <= wide; dr += 1) {
      for (let dx = -wide; dx <= wide; dx += 1) {
        for (let dy = -wide; dy <= wide; dy += 1) {
          const near = { x: from.x + dx * by, y: from.y + dy * by, radius: from.radius + dr * by };
          if (Math.abs(near.radius - drawn.radius) > FINGER * drawn.radius) continue;
          const strength = strengthOf(near);
          if (strength > most) [best, most] = [near, strength];
        }
      }
    }
  }
  return outermost(frame, best, drawn);
}
