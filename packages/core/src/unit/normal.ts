// Looked up once: where globals are kept apart, as in tests, each look costs more than the sum.
const { abs, exp } = Math;
const ROOT_TWO_PI = Math.sqrt(2 * Math.PI);

/** Density of the standard normal at t. */
const density = (t: number): number => exp(-0.5 * t * t) / ROOT_TWO_PI;

/** Share of the standard normal below t (Abramowitz and Stegun, 1964, 26.2.17; error below 1e-7). */
export function below(t: number): number {
  const u = 1 / (1 + 0.2316419 * abs(t));
  const tail =
    density(t) *
    u *
    (0.31938153 + u * (-0.356563782 + u * (1.781477937 + u * (-1.821255978 + u * 1.330274429))));
  return t >= 0 ? 1 - tail : tail;
}
