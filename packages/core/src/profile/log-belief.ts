/** A normal belief over the natural log of a 1RM in grams. */
export interface LogBelief {
  mu: number;
  sd: number;
}

/** Bayes' rule for two normals: the belief after seeing `value` with error `sd`, both in log grams. */
export function observe(belief: LogBelief, value: number, sd: number): LogBelief {
  const gain = belief.sd ** 2 / (belief.sd ** 2 + sd ** 2);
  return { mu: belief.mu + gain * (value - belief.mu), sd: Math.sqrt(1 - gain) * belief.sd };
}

/** The belief after `weeks` in which nothing was seen: the same middle, more doubt. */
export function age(belief: LogBelief, weeks: number): LogBelief {
  const DRIFT_PER_ROOT_WEEK = 0.03;
  return { mu: belief.mu, sd: Math.hypot(belief.sd, DRIFT_PER_ROOT_WEEK * Math.sqrt(weeks)) };
}
