import { ANKLE_BACK, type BodyLengths } from './body';
import { leaning, plus, radians, type Point } from './point';
import { pullStart, type PullSetUp } from './pull';
import { squatBottom, type SquatSetUp } from './squat';

/** A body at a moment of a lift, joint by joint. */
export interface Pose {
  ankle: Point;
  knee: Point;
  hip: Point;
  shoulder: Point;
  bar: Point;
}

/** The thigh of who stands is this near to upright, degrees under level. */
const STANDING = -88;

/** A body on its way down into a squat: `share` 0 stands, 1 is the bottom. Null where the bottom cannot be reached. */
export function squatWay(body: BodyLengths, set: SquatSetUp, share: number): Pose | null {
  return squatBottom(body, {
    ...set,
    shankLean: set.shankLean * share,
    depth: STANDING + (set.depth - STANDING) * share,
    opened: set.opened * share,
  });
}

const angleOf = (from: Point, to: Point): number => Math.atan2(to.x - from.x, to.y - from.y);
const length = (from: Point, to: Point): number => Math.hypot(to.x - from.x, to.y - from.y);

/**
 * A body on its way up with a bar from the floor: `share` 0 is the start, 1 stands. The bar stays over the middle of the
 * foot; shank and thigh straighten evenly, and the trunk is where that puts it. Null where the start cannot be reached.
 */
export function pullWay(body: BodyLengths, set: PullSetUp, share: number): Pose | null {
  const start = pullStart(body, set);
  if (!start) return null;
  const left = 1 - share;
  const ankle = { x: -ANKLE_BACK * body.foot.mm, y: body.ankle.mm };
  const knee = plus(ankle, leaning(body.shank.mm, left * angleOf(start.ankle, start.knee)));
  const thigh = length(start.knee, start.hip);
  // The thigh of a wide stance is seen shortened at the start and whole when it stands.
  const seen = thigh + (body.thigh.mm - thigh) * share;
  const hip = plus(knee, leaning(seen, left * angleOf(start.knee, start.hip)));
  const before = left * (start.shoulder.x - start.bar.x);
  const lean = Math.asin(Math.max(-1, Math.min(1, (before - hip.x) / body.trunk.mm)));
  const shoulder = plus(hip, leaning(body.trunk.mm, lean));
  const arm = Math.sqrt(Math.max(0, body.arm.mm ** 2 - before ** 2));
  return { ankle, knee, hip, shoulder, bar: { x: 0, y: shoulder.y - arm } };
}

/** How far over the shoulder a bar lies before a press, and which share of the arm it stands over it at lock-out. */
const PRESS = { low: 40, high: 0.94, before: 70 } as const;

/** A body pressing a bar overhead: `share` 0 on the shoulders, 1 locked out over the middle of the foot. */
export function pressWay(body: BodyLengths, share: number): Pose {
  const ankle = { x: -ANKLE_BACK * body.foot.mm, y: body.ankle.mm };
  const knee = plus(ankle, leaning(body.shank.mm, radians(3)));
  const hip = plus(knee, leaning(body.thigh.mm, radians(2)));
  const shoulder = plus(hip, leaning(body.trunk.mm, radians(-4)));
  const high = body.arm.mm * PRESS.high;
  return {
    ankle,
    knee,
    hip,
    shoulder,
    bar: {
      x: shoulder.x + PRESS.before + share * -(shoulder.x + PRESS.before),
      y: shoulder.y + PRESS.low + share * (high - PRESS.low),
    },
  };
}
