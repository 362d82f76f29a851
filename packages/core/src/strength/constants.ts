/**
 * Every number of the strength model that is not computed. Handbook-like figures are marked with their source
 * (author, year); "simulator" means chosen on the tuning half of the simulator's people. docs/formulas.md explains.
 */

/** Body mass that the catalogue's ratios are stated for, grams. */
export const REFERENCE_BODY_MASS_G = 75_000;

/** Parts of what sets people apart, as standard deviations of the log of a 1RM. */
export const SPREAD = {
  /** Shared by all lifts. */
  general: 0.22,
  /** Shared by the lifts of a family of patterns, and of one pattern; 0.13 together. */
  family: 0.11,
  pattern: 0.07,
  /** A lift's own. */
  own: 0.15,
  /** Added to the general part where sex is not said, age is not known, or the body mass is old. */
  sexUnsaid: 0.16,
  /** People's rep endurance, log of k. */
  endurance: 0.15,
} as const;

/** Reps that reporters have left beyond what they say, before anything is known of them. */
export const BIAS = { mean: 0.9, sd: 0.5 } as const;

/**
 * Log strength lost to each earlier working set of the same lift that day which left two; `each` more for every rep
 * said nearer to the limit, less for every rep farther, never under `least` of it.
 */
export const FATIGUE = { mean: 0.03, sd: 0.02, usual: 2, each: 0.15, least: 0.4 } as const;

/** Log strength lost to the sets of other lifts that day, in full after `full` of them. */
export const CARRY = { mean: 0.03, sd: 0.03, full: 3 } as const;

/** A day's form, shared by the sets of one session. */
export const DAY_SD = 0.03;

/** Errors of one set. */
export const NOISE = {
  /** Of the log load itself. */
  floor: 0.015,
  /** Where the limit falls, in reps. */
  reps: 0.5,
  /** Of the reserve that is reported, in reps: at none left, and more for each rep that is truly left. */
  reserve: 0.7,
  reserveEach: 0.3,
  /** Reports that mean nothing at all (a slip of the finger, another set in mind), as a share. */
  slips: 0.01,
  /** Beginners misjudge more (Steele and others, 2017). */
  beginner: 1.25,
  beginnerMonths: 6,
  /** Where nobody said what was left: about two, for how tiring the set was. */
  unsaidReserve: 2,
  /** Each rep that was done and not clean blurs the count. */
  unclean: 0.35,
} as const;

/** Doubt about a load far from the reps that were seen: a share of ln((k + R) / (k + R seen)). */
export const CURVE_DOUBT = 0.35;
/** Doubt about any load that no number of sets settles: the shape of this lift's own curve (simulator). */
export const CURVE_FLOOR = 0.01;
/** Reps to the limit that most sets are near, for lifts not seen yet. */
export const USUAL_REPS = 13;

/** Doubt that grows with each week, as standard deviations. */
export const DRIFT = { general: 0.008, own: 0.012 } as const;
/** Doubt added per week of absence beyond `ABSENCE.graceDays`. */
export const ABSENCE = { graceDays: 14, lossPerWeek: 0.006, most: 0.15, doubt: 0.012 } as const;
/** Expected gain per week of training: fast at first (Rhea and others, 2003, for the order of size). */
export const GAIN = { first: 0.006, fades: 10, lasting: 0.0008 } as const;

/** Half-width of an 80 % interval in standard deviations. */
export const Z80 = 1.2816;

/** How far below the middle a first load lies, in standard deviations of the belief. */
export const START = {
  known: 0.7,
  related: 1.5,
  reported: 1.5,
  guessed: 1.5,
  careful: 0.2,
} as const;
