import type { Lift } from '../lift/lift';
import type { Belief } from './belief';

/** Changes whenever a constant or the shape of the state does: beliefs of another version are made anew. */
export const MODEL_VERSION = 2;

/** A belief as it is stored and sent: numbers to six digits, the covariance's lower half in millionths. */
export interface SavedBelief {
  version: number;
  liftIds: string[];
  atMs: number | null;
  mean: number[];
  halfMillionths: number[];
  sets: number[];
  reps: number[];
  lastMs: number[];
}

const digits = (value: number) => Number(value.toPrecision(6));
const rounded = (values: Float64Array) => Array.from(values, digits);

export function saveBelief(belief: Belief): SavedBelief {
  return {
    version: MODEL_VERSION,
    liftIds: belief.lifts.map((lift) => lift.id),
    atMs: belief.atMs,
    mean: rounded(belief.mean),
    halfMillionths: Array.from(belief.cov, (value) => Math.round(value * 1e6)),
    sets: rounded(belief.sets),
    reps: rounded(belief.reps),
    lastMs: Array.from(belief.lastMs),
  };
}

/** The belief that was saved, or null when it is of another model or catalogue and must be made anew. */
export function loadBelief(saved: SavedBelief, lifts: readonly Lift[]): Belief | null {
  const same =
    saved.version === MODEL_VERSION &&
    saved.liftIds.length === lifts.length &&
    lifts.every((lift, index) => lift.id === saved.liftIds[index]);
  if (!same) return null;
  return {
    lifts,
    atMs: saved.atMs,
    cov: Float64Array.from(saved.halfMillionths, (value) => value / 1e6),
    mean: Float64Array.from(saved.mean),
    sets: Float64Array.from(saved.sets),
    reps: Float64Array.from(saved.reps),
    lastMs: Float64Array.from(saved.lastMs),
  };
}
