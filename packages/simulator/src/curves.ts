/**
 * Families of true rep curves: reps to the limit at a share of the 1RM. All are set so that three quarters of the
 * 1RM can be lifted `at75` times, and differ everywhere else. None is the formula that Spalo estimates with.
 */
export type CurveFamily = (share: number, at75: number) => number;

const MOST_REPS = 100;
const AT = 0.75;

const capped = (reps: number) => Math.min(MOST_REPS, Math.max(0, reps));

/** Logarithmic in the load, a little flatter near the limit. */
const logarithmic: CurveFamily = (share, at75) =>
  capped((at75 * Math.log(1 / share) * (1 + share)) / (Math.log(1 / AT) * (1 + AT)));

/** A power of the load with an offset: many reps at light loads. */
const power: CurveFamily = (share, at75) => {
  const offset = 12;
  const exponent = Math.log(1 / AT) / Math.log(1 + at75 / offset);
  return capped(offset * (Math.pow(share, -1 / exponent) - 1));
};

/** Decays toward a load that could be lifted without end, 40 % of the 1RM. */
const decaying: CurveFamily = (share, at75) => {
  const floor = 0.4;
  if (share <= floor) return MOST_REPS;
  const rate = Math.log((1 - floor) / (AT - floor)) / at75;
  return capped(Math.log((1 - floor) / (share - floor)) / rate);
};

/** Nearly a straight line, as the straight-line formulas have it: few reps at light loads. */
const straight: CurveFamily = (share, at75) => {
  const bend = 0.015;
  const slope = ((1 - AT) * (1 + bend * at75)) / at75;
  const left = slope - bend * (1 - share);
  return left <= 0 ? MOST_REPS : capped((1 - share) / left);
};

/** A hyperbola over a critical load of 30 % of the 1RM. */
const critical: CurveFamily = (share, at75) => {
  const floor = 0.3;
  if (share <= floor) return MOST_REPS;
  const scale = (at75 * (AT - floor)) / (1 - AT);
  return capped((scale * (1 - share)) / (share - floor));
};

export const curveFamilies = { logarithmic, power, decaying, straight, critical } as const;
export type CurveName = keyof typeof curveFamilies;

/** The share of the 1RM that can be lifted `reps` times: the curve turned round, by bisection. */
export function shareFor(curve: CurveFamily, at75: number, reps: number): number {
  let low = 0.05;
  let high = 1;
  for (let step = 0; step < 50; step += 1) {
    const middle = (low + high) / 2;
    if (curve(middle, at75) > reps) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
