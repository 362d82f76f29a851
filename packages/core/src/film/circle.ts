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
    const across = (by: number) =>
      Math.abs(
        greyAt(frame, x + (radius + by) * cos, y + (radius + by) * sin) -
          greyAt(frame, x + (radius - by) * cos, y + (radius - by) * sin),
      );
    // One arm or leg before the plate must not decide it.
    // Far across it finds a soft rim, near across it the middle of it.
    sum += Math.min(60, across(1.5)) + Math.min(60, across(0.5));
  }
  return sum;
}

/** How much a circle is believed that lies apart from the drawn one, 0 to 1: a finger is off by a twentieth, seldom by more. */
function nearness({ x, y, radius }: Circle, drawn: Circle): number {
  const off = (radius - drawn.radius) / (0.15 * drawn.radius);
  const aside = Math.hypot(x - drawn.x, y - drawn.y) / (4 + 0.15 * drawn.radius);
  return Math.exp(-(off * off + aside * aside) / 4);
}

/** What a finger's doubt has drawn the circle off by is taken back within this share of it. */
const REFINED = 0.05;

/** The same circle where its own edge is strongest, whatever was drawn. */
function refined(frame: Frame, found: Circle): Circle {
  let [best, most] = [found, edge(frame, found)];
  const reach = REFINED * found.radius;
  for (let dr = -reach; dr <= reach; dr += 0.5) {
    for (let dx = -2; dx <= 2; dx += 0.5) {
      for (let dy = -2; dy <= 2; dy += 0.5) {
        const near = { x: found.x + dx, y: found.y + dy, radius: found.radius + dr };
        const strength = edge(frame, near);
        if (strength > most) [best, most] = [near, strength];
      }
    }
  }
  return best;
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
  return refined(frame, best);
}
