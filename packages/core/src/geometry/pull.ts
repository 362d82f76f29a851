import { ANKLE_BACK, type BodyLengths } from './body';
import { cornerAngle, degrees, leaning, meeting, plus, radians, type Point } from './point';

/** How a pull from the floor begins. */
export interface PullSetUp {
  style: PullStyle;
  /** Height of the bar's middle above the floor, mm: half a plate, and whatever it stands on. */
  barHeight: number;
  /** Knees opened to the side, degrees. */
  opened: number;
}

/**
 * How far the shank's line stands behind the bar where it passes it, and how far the shoulder joint before it (mm); null:
 * the shank leans by itself, as between the handles of a trap bar.
 */
const STARTS = {
  conventional: { shin: 40, shoulder: 50, shankLean: null },
  wide: { shin: 40, shoulder: 40, shankLean: null },
  'hinge first': { shin: null, shoulder: 60, shankLean: 0 },
  'trap bar': { shin: null, shoulder: 0, shankLean: 18 },
} as const;
export type PullStyle = keyof typeof STARTS;
export const pullStyles = Object.keys(STARTS) as PullStyle[];

/** The start of a pull, joint by joint. */
export interface PullStart {
  ankle: Point;
  knee: Point;
  hip: Point;
  shoulder: Point;
  bar: Point;
  /** Hip over the knee, mm: a result, and no instruction. */
  hipOverKnee: number;
  /** Trunk from the floor, degrees: the smaller, the flatter. */
  trunk: number;
  /** Inside of the knee, degrees; 180 is straight. */
  kneeAngle: number;
}

/** Half of a full plate's diameter, mm. */
const FULL_PLATE = 225;
/** The shank leans no farther than this from where it touches. */
const SHANK = { least: -5, most: 40 } as const;

function shankLean(body: BodyLengths, { style, barHeight }: PullSetUp, ankle: Point): number {
  const { shin, shankLean: own } = STARTS[style];
  if (shin === null) return radians(own);
  // A bar that lies lower asks for no more of the ankle: the shin is where a full plate's bar would meet it.
  const height = Math.max(barHeight, FULL_PLATE);
  const touching = Math.atan2(-shin - ankle.x, height - ankle.y);
  return Math.min(radians(SHANK.most), Math.max(radians(SHANK.least), touching));
}

/**
 * The start of a pull of a body: the bar over the middle of the foot, the shin to it, arms straight with the shoulder over
 * it; the hip is then where thigh and trunk meet. Null where they do not: a higher start or another style.
 */
export function pullStart(body: BodyLengths, set: PullSetUp): PullStart | null {
  const { shoulder: before } = STARTS[set.style];
  const bar = { x: 0, y: set.barHeight };
  const ankle = { x: -ANKLE_BACK * body.foot.mm, y: body.ankle.mm };
  const knee = plus(ankle, leaning(body.shank.mm, shankLean(body, set, ankle)));
  const shoulder = {
    x: before,
    y: bar.y + Math.sqrt(Math.max(0, body.arm.mm ** 2 - before ** 2)),
  };
  const thigh = body.thigh.mm * Math.cos(radians(set.opened));
  const found = meeting(knee, thigh, shoulder, body.trunk.mm);
  if (!found) return null;
  const [hip] = found;
  return {
    ankle,
    knee,
    hip,
    shoulder,
    bar,
    hipOverKnee: hip.y - knee.y,
    trunk: degrees(Math.atan2(shoulder.y - hip.y, shoulder.x - hip.x)),
    kneeAngle: cornerAngle(ankle, knee, hip),
  };
}
