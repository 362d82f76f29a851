import {
  biasAt,
  dayAt,
  enduranceAt,
  fatigueAt,
  liftAt,
  move,
  seenThrough,
  type Belief,
  type Look,
} from './belief';
import { FATIGUE, NOISE, OUTLIER } from './constants';
import { OPEN_RESERVE, type PastSet } from './past-set';

/** What a set says about the state, before it is taken in. */
export interface Observation {
  look: Look;
  /** Log load it was done with, minus what the belief expected for those reps. */
  surprise: number;
  /** Variance of the set's own error, log. */
  noise: number;
  /** It may raise the belief, never lower it. */
  bound: boolean;
  repsToLimit: number;
}

/** How much of the reporter's bias applies: half at the last rep, where less can be hidden. */
const biasWeight = (reserve: number) => (reserve < 1 ? 0.5 : 1);

/** Reps are whole: who did ten could have done ten to eleven of a rep that is counted in parts. */
const PART_OF_A_REP = 0.5;

/**
 * What a set tells. `earlier` counts the lift's working sets before it in its session. Null for a set that tells
 * nothing: no clean rep, no load, or left out by the trainer.
 */
export function observationOf(
  belief: Belief,
  set: Pick<PastSet, 'liftId' | 'loadG' | 'reps' | 'cleanReps' | 'rir' | 'bearing'>,
  earlier: number,
  trainingMonths: number,
): Observation | null {
  if (set.cleanReps < 1 || set.loadG <= 0 || set.bearing === 'left out') return null;
  const { lifts, mean } = belief;
  const at = liftAt(lifts, set.liftId);
  const k = lifts[at]!.repConstant * Math.exp(mean[enduranceAt(belief)]!);
  const reserve = set.rir ?? NOISE.unsaidReserve;
  const bias = biasWeight(reserve);
  const repsToLimit = Math.max(
    1,
    set.cleanReps + PART_OF_A_REP + reserve + bias * mean[biasAt(belief)]!,
  );
  const spent = Math.min(FATIGUE.most, earlier);
  const expected =
    mean[at]! +
    mean[dayAt(belief)]! -
    spent * mean[fatigueAt(belief)]! -
    Math.log(1 + repsToLimit / k);
  const reported =
    set.rir === null ? NOISE.unsaidReserveSd : NOISE.reserve + NOISE.reserveEach * reserve;
  const judged = reported * (trainingMonths < NOISE.beginnerMonths ? NOISE.beginner : 1);
  const repsVariance =
    NOISE.reps ** 2 +
    (NOISE.repShare * repsToLimit) ** 2 +
    judged ** 2 +
    (NOISE.unclean * (set.reps - set.cleanReps)) ** 2;
  const perRep = 1 / (k + repsToLimit);
  return {
    look: {
      at: [at, enduranceAt(belief), biasAt(belief), fatigueAt(belief), dayAt(belief)],
      weight: [1, repsToLimit * perRep, -bias * perRep, -spent, 1],
    },
    surprise: Math.log(set.loadG) - expected,
    noise: NOISE.floor ** 2 + repsVariance * perRep ** 2,
    bound: set.bearing === 'bound' || reserve >= OPEN_RESERVE,
    repsToLimit,
  };
}

/** Density and distribution of the standard normal (Abramowitz and Stegun, 1964, 26.2.17; error below 1e-7). */
function normal(t: number): { density: number; below: number } {
  const density = Math.exp(-0.5 * t * t) / Math.sqrt(2 * Math.PI);
  const u = 1 / (1 + 0.2316419 * Math.abs(t));
  const tail =
    density *
    u *
    (0.31938153 + u * (-0.356563782 + u * (1.781477937 + u * (-1.821255978 + u * 1.330274429))));
  return { density, below: t >= 0 ? 1 - tail : tail };
}

/** How a set was taken. */
export interface TakenIn {
  /** taken: as it is; less: surprising, so with less weight; not: too surprising to believe once. */
  how: 'taken' | 'less' | 'not';
  /** Surprise in standard deviations. */
  sds: number;
  /** The update: mean += shift · v. */
  v: Float64Array;
  shift: number;
}

/**
 * Takes an observation into the belief, in place. Beyond 2.5 standard deviations its weight falls so that it pulls
 * no further; beyond 4 it is not believed unless `repeated` (a set like it was set aside before).
 */
export function takeIn(belief: Belief, seen: Observation, repeated = false): TakenIn {
  const { withState: v, variance } = seenThrough(belief, seen.look);
  const total = variance + seen.noise;
  const sds = seen.surprise / Math.sqrt(total);
  if (Math.abs(sds) > OUTLIER.beyond && !repeated && !(seen.bound && sds < 0)) {
    return { how: 'not', sds, v, shift: 0 };
  }
  if (seen.bound) {
    // The state is at least this strong: moments of a normal cut off from below, softened by the set's error.
    const sd = Math.sqrt(total);
    const capped = Math.min(sds, OUTLIER.from);
    const { density, below } = normal(-capped);
    const ratio = below < 1e-12 ? capped : density / below;
    const shift = ratio / sd;
    move(belief, v, shift, (ratio * (ratio - capped)) / total);
    return { how: capped < sds ? 'less' : 'taken', sds, v, shift };
  }
  const trimmed =
    Math.abs(sds) <= OUTLIER.from ? total : Math.max(total, (seen.surprise / OUTLIER.from) ** 2);
  const shift = seen.surprise / trimmed;
  move(belief, v, shift, 1 / trimmed);
  return { how: trimmed > total ? 'less' : 'taken', sds, v, shift };
}
