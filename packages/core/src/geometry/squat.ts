import { ANKLE_BACK, type BodyLengths } from './body';
import { degrees, leaning, plus, radians, type Point } from './point';

/** How a squat is done: where the bar lies, and how body and floor let it stand. */
export interface SquatSetUp {
  style: SquatStyle;
  /** Forward lean of the shank that the ankle gives, degrees (20 to 40). */
  shankLean: number;
  /** Thigh below level at the bottom, degrees (0 to 10; negative above level). */
  depth: number;
  /** Knees opened to the side, degrees: what of the thigh is seen from the side gets shorter. */
  opened: number;
  /** Heels raised, millimetres. */
  heels: number;
  /** Mass of bar and plates, and of the body, grams. */
  loadG: number;
  bodyG: number;
}

/** Where the load lies: its share of the trunk's length from the hip, and how far before the trunk's line (mm). */
const RACKS = {
  'high bar': { along: 0.97, before: -30 },
  'low bar': { along: 0.86, before: -60 },
  front: { along: 0.93, before: 80 },
  goblet: { along: 0.78, before: 160 },
} as const;
export type SquatStyle = keyof typeof RACKS;
export const squatStyles = Object.keys(RACKS) as SquatStyle[];

/** The bottom of a squat, joint by joint. */
export interface SquatBottom {
  ankle: Point;
  knee: Point;
  hip: Point;
  shoulder: Point;
  bar: Point;
  /** Trunk from upright, degrees. */
  lean: number;
  /** How far knee and hip stand from the load's line, mm: what each has to bear. */
  kneeArm: number;
  hipArm: number;
  /** Knee before the toes, mm; negative behind them. */
  pastToes: number;
}

/** Shares of the body's mass, both sides, and where each part's centre lies from the joint below it (Winter, 2009). */
const MASS = { foot: 0.029, shank: 0.093, thigh: 0.2, above: 0.678 } as const;
const CENTRE = { shank: 0.567, thigh: 0.567, above: 0.626 } as const;

/** The lean, in radians, that makes a · sin + b · cos a distance; null where it is out of reach. */
function leanFor(a: number, b: number, distance: number): number | null {
  const reach = Math.hypot(a, b);
  return Math.abs(distance) > reach ? null : Math.asin(distance / reach) - Math.atan2(b, a);
}

const between = (from: Point, to: Point, share: number): number => from.x + share * (to.x - from.x);

/**
 * The bottom of a squat of a body: the trunk leans as far as bar and body together need to stand over the middle of the foot,
 * so that an empty bar asks for more lean than a heavy one. Null where no lean does.
 */
export function squatBottom(body: BodyLengths, set: SquatSetUp): SquatBottom | null {
  const { along, before } = RACKS[set.style];
  const shank = radians(set.shankLean) + Math.atan2(set.heels, body.foot.mm);
  const ankle = { x: -ANKLE_BACK * body.foot.mm, y: body.ankle.mm + set.heels };
  const knee = plus(ankle, leaning(body.shank.mm, shank));
  const seen = body.thigh.mm * Math.cos(radians(set.opened));
  const slope = radians(set.depth);
  const hip = plus(knee, { x: -seen * Math.cos(slope), y: -seen * Math.sin(slope) });
  const load = set.loadG / Math.max(1, set.bodyG);
  const barAlong = along * body.trunk.mm;
  const rest =
    (MASS.above + load) * hip.x +
    MASS.thigh * between(knee, hip, CENTRE.thigh) +
    MASS.shank * between(ankle, knee, CENTRE.shank);
  const lean = leanFor(
    MASS.above * CENTRE.above * body.trunk.mm + load * barAlong,
    load * before,
    -rest,
  );
  if (lean === null) return null;
  const bar = plus(plus(hip, leaning(barAlong, lean)), {
    x: before * Math.cos(lean),
    y: -before * Math.sin(lean),
  });
  return {
    ankle,
    knee,
    hip,
    shoulder: plus(hip, leaning(body.trunk.mm, lean)),
    bar,
    lean: degrees(lean),
    kneeArm: knee.x - bar.x,
    hipArm: bar.x - hip.x,
    pastToes: knee.x - body.foot.mm / 2,
  };
}
