import { OPEN_RESERVE } from '../unit/reserve';
import {
  biasAt,
  carryAt,
  dayAt,
  enduranceAt,
  fatigueAt,
  liftAt,
  move,
  repConstantAt,
  seenThrough,
  type Belief,
  type Look,
} from './belief';
import { CARRY, FATIGUE, NOISE } from './constants';
import { endedAtLimit, type PastSet } from './past-set';
import { likelihood, SLIP, type Said } from './said';

/** What a client had done that day before a set. */
export interface Tired {
  /** Earlier working sets of the lift, each weighed by how near the limit it was: 1 for one that left two. */
  own: number;
  /** Working sets of other lifts. */
  others: number;
}

export const rested: Tired = { own: 0, others: 0 };

/** How tiring a set is: 1 for one that left two, more nearer to the limit. */
export const effortOf = (rir: number | null): number =>
  Math.max(FATIGUE.least, 1 + FATIGUE.each * (FATIGUE.usual - (rir ?? NOISE.unsaidReserve)));

/** How much of the loss by other lifts' sets is there: all after three. */
export const carried = ({ others }: Tired): number => Math.min(1, others / CARRY.full);

/** What a set says about the state, before it is taken in: one number, looked at through `look`. */
export interface Observation {
  look: Look;
  /** Log strength of the moment, less the reporter's bias, over the set's log load: what the look expects to see. */
  margin: number;
  /** The lift's rep constant, and the clean reps that were done. */
  k: number;
  reps: number;
  /** Reps that the reporter is expected to have left beyond what they feel. */
  bias: number;
  said: Said;
  /** Reps to the limit that the set was done near. */
  repsToLimit: number;
  /** Log load it was done with, minus what was believed for those reps. */
  surprise: number;
}

/** How much of the reporter's bias applies: half at the last rep, where less can be hidden; none where the limit was met. */
const biasWeight = ({ atLimit, bound, rir }: Said) =>
  atLimit || bound || rir === null ? 0 : rir < 1 ? 0.5 : 1;

/**
 * What a set tells. `tired` is what came before it that day. Null for a set that tells nothing: no load, or left out
 * by the trainer. A set of no rep tells that there was less than one.
 */
export function observationOf(
  belief: Belief,
  set: Pick<PastSet, 'liftId' | 'loadG' | 'reps' | 'cleanReps' | 'rir' | 'bearing' | 'asked'>,
  tired: Tired,
  trainingMonths: number,
): Observation | null {
  if (set.loadG <= 0 || set.bearing === 'left out') return null;
  if (set.cleanReps < 1 && set.reps > 0) return null;
  const { mean } = belief;
  const at = liftAt(belief.lifts, set.liftId);
  const k = repConstantAt(belief, at);
  const said: Said = {
    rir: set.rir,
    atLimit: set.reps === 0 || endedAtLimit(set),
    bound: set.bearing === 'bound',
    unclean: set.reps - set.cleanReps,
    beginner: trainingMonths < NOISE.beginnerMonths,
  };
  const hides = biasWeight(said);
  const bias = hides * mean[biasAt(belief)]!;
  const reserve = said.atLimit ? 0.5 : (set.rir ?? NOISE.unsaidReserve) + bias;
  const strength =
    mean[at]! +
    mean[dayAt(belief)]! -
    tired.own * mean[fatigueAt(belief)]! -
    carried(tired) * mean[carryAt(belief)]!;
  const believed = k * (Math.exp(strength - Math.log(set.loadG)) - 1);
  // "4 or more" says nothing of how many more: there the belief says how near the limit the set was.
  const open = set.rir !== null && set.rir >= OPEN_RESERVE && believed > set.cleanReps + reserve;
  const repsToLimit = Math.max(1, open ? Math.min(believed, 30) : set.cleanReps + reserve);
  const perRep = 1 / (k + repsToLimit);
  return {
    look: {
      at: [
        at,
        enduranceAt(belief),
        biasAt(belief),
        fatigueAt(belief),
        carryAt(belief),
        dayAt(belief),
      ],
      weight: [1, repsToLimit * perRep, -hides * perRep, -tired.own, -carried(tired), 1],
    },
    margin: strength - bias * perRep - Math.log(set.loadG),
    k,
    reps: set.cleanReps,
    bias,
    said,
    repsToLimit,
    surprise: Math.log(set.loadG) + Math.log(1 + repsToLimit / k) - strength,
  };
}

/** How a set was taken. */
export interface TakenIn {
  /** taken: as it is; less: part of it may be a slip; not: most likely a slip, so it moved nothing. */
  how: 'taken' | 'less' | 'not';
  /** The update: mean += shift · v. */
  v: Float64Array;
  shift: number;
}

/** Points of the quadrature, and how many standard deviations they reach to either side. */
const POINTS = 40;
const REACH = 5;
const grid = Array.from({ length: POINTS + 1 }, (_, point) => {
  const t = -REACH + (2 * REACH * point) / POINTS;
  return { t, density: Math.exp(-0.5 * t * t) };
});
const { exp } = Math;

/** Chance of a slip from which on a set counts less, or not. */
const SLIPPED = { less: 0.3, not: 0.8 } as const;

/** What the number that a set speaks of is once it has been heard. */
interface Heard {
  mean: number;
  variance: number;
  /** Chance that the set was a slip. */
  slip: number;
}

function heard(seen: Observation, variance: number): Heard {
  const sd = Math.sqrt(variance);
  const { margin, k, reps, bias, said } = seen;
  let total = 0;
  let first = 0;
  let second = 0;
  let prior = 0;
  for (const { t, density } of grid) {
    // The look carries the reporter's bias: what is read off is what they feel, and the truth lies beyond it.
    const felt = k * (exp(margin + t * sd) - 1) - reps;
    const weight = density * ((1 - NOISE.slips) * likelihood(felt + bias, felt, said) + SLIP);
    prior += density;
    total += weight;
    first += weight * t;
    second += weight * t * t;
  }
  const at = first / total;
  return {
    mean: at * sd,
    // A slip may widen what is believed of the set, never of the client.
    variance: Math.min(1, Math.max(0.02, second / total - at * at)) * variance,
    slip: (SLIP * prior) / total,
  };
}

/** Whether a set as it stands is most likely a slip, by what is believed. */
export const isSlip = (belief: Belief, seen: Observation): boolean =>
  heard(seen, seenThrough(belief, seen.look).variance + NOISE.floor ** 2).slip > SLIPPED.not;

/**
 * Takes an observation into the belief, in place: the posterior of the one number that the set speaks of, by
 * quadrature, whose two moments move the whole state. Slips are part of the likelihood.
 */
export function takeIn(belief: Belief, seen: Observation): TakenIn {
  const { withState: v, variance } = seenThrough(belief, seen.look);
  const total = variance + NOISE.floor ** 2;
  const { mean, variance: left, slip } = heard(seen, total);
  if (slip > SLIPPED.not) return { how: 'not', v, shift: 0 };
  const shift = mean / total;
  move(belief, v, shift, (total - left) / total ** 2);
  return { how: slip > SLIPPED.less ? 'less' : 'taken', v, shift };
}
