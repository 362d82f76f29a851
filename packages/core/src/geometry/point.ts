/** A place in side view, millimetres: x forward from the middle of the foot, y up from the floor. */
export interface Point {
  x: number;
  y: number;
}

export const radians = (degrees: number): number => (degrees * Math.PI) / 180;
export const degrees = (angle: number): number => (angle * 180) / Math.PI;

export const plus = (from: Point, { x, y }: Point): Point => ({ x: from.x + x, y: from.y + y });

/** A step of some length, leaning forward from upright by an angle in radians. */
export const leaning = (length: number, lean: number): Point => ({
  x: length * Math.sin(lean),
  y: length * Math.cos(lean),
});

/** Where two circles meet, the meeting point that lies farther back (smaller x) first; null where they do not. */
export function meeting(
  one: Point,
  radius: number,
  other: Point,
  otherRadius: number,
): [Point, Point] | null {
  const dx = other.x - one.x;
  const dy = other.y - one.y;
  const apart = Math.hypot(dx, dy);
  if (apart === 0 || apart > radius + otherRadius || apart < Math.abs(radius - otherRadius)) {
    return null;
  }
  const along = (radius ** 2 - otherRadius ** 2 + apart ** 2) / (2 * apart);
  const aside = Math.sqrt(Math.max(0, radius ** 2 - along ** 2));
  const foot = { x: one.x + (along * dx) / apart, y: one.y + (along * dy) / apart };
  const step = { x: (-dy * aside) / apart, y: (dx * aside) / apart };
  const both: [Point, Point] = [plus(foot, step), plus(foot, { x: -step.x, y: -step.y })];
  return both[0].x <= both[1].x ? both : [both[1], both[0]];
}

/** The angle inside a corner, degrees: 180 is straight. */
export function cornerAngle(one: Point, corner: Point, other: Point): number {
  const a = Math.atan2(one.y - corner.y, one.x - corner.x);
  const b = Math.atan2(other.y - corner.y, other.x - corner.x);
  const angle = Math.abs(degrees(a - b)) % 360;
  return angle > 180 ? 360 - angle : angle;
}
