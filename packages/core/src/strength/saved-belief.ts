import type { Lift } from '../lift/lift';
import { rowAt, type Belief } from './belief';
import { SPREAD } from './constants';

/** Changes whenever a constant or the shape of the state does: beliefs of another version are made anew. */
export const MODEL_VERSION = 4;

/**
 * A belief as it is stored and sent: numbers to nine digits, the covariance's lower half in billionths. So fine that a
 * belief may be saved after every session of many years and still be what it would be had it never been put away.
 */
export interface SavedBelief {
  version: number;
  liftIds: string[];
  atMs: number | null;
  mean: number[];
  halfBillionths: number[];
  sets: number[];
  reps: number[];
  lastMs: number[];
  /** What a slip would have meant, by place of its lift: only where the last set was one. */
  aside: [at: number, meant: number][];
}

const { round } = Math;

const digits = (value: number) => Number(value.toPrecision(9));
const rounded = (values: Float64Array) => Array.from(values, digits);

export function saveBelief(belief: Belief): SavedBelief {
  return {
    version: MODEL_VERSION,
    liftIds: belief.lifts.map((lift) => lift.id),
    atMs: belief.atMs,
    mean: rounded(belief.mean),
    halfBillionths: Array.from(belief.cov, (value) => round(value * 1e9)),
    sets: rounded(belief.sets),
    reps: rounded(belief.reps),
    lastMs: Array.from(belief.lastMs),
    aside: Array.from(belief.aside, digits).flatMap((meant, at) =>
      Number.isNaN(meant) ? [] : [[at, meant]],
    ),
  };
}

/** Where each lift stands in what was saved: a lift of the studio that came later stands where the one it is like does. */
function placesIn(
  saved: SavedBelief,
  lifts: readonly Lift[],
): { from: number; isNew: boolean }[] | null {
  const known = new Map(saved.liftIds.map((id, at) => [id, at]));
  const places = lifts.map(({ id, like }) => {
    const from = known.get(id);
    if (from !== undefined) return { from, isNew: false };
    const near = like === undefined ? undefined : known.get(like);
    return near === undefined ? null : { from: near, isNew: true };
  });
  const found = places.filter((place) => place !== null);
  return found.length === lifts.length ? found : null;
}

/**
 * The belief that was saved, for these lifts: null when it is of another model, or lacks a lift of the catalogue, and must
 * be made anew. A lift of the studio that it does not hold yet is believed to be as strong as the one it is like, give or
 * take what sets two lifts of a pattern apart; one that is gone is left out.
 */
export function loadBelief(saved: SavedBelief, lifts: readonly Lift[]): Belief | null {
  if (saved.version !== MODEL_VERSION) return null;
  const places = placesIn(saved, lifts);
  if (!places) return null;
  const shared = saved.mean.slice(saved.liftIds.length).map((_, at) => ({
    from: saved.liftIds.length + at,
    isNew: false,
  }));
  const all = [...places, ...shared];
  const cov = new Float64Array(rowAt(all.length));
  all.forEach((one, i) => {
    for (let j = 0; j <= i; j += 1) {
      const other = all[j]!;
      const inOrder = one.from >= other.from;
      const place = inOrder ? rowAt(one.from) + other.from : rowAt(other.from) + one.from;
      cov[rowAt(i) + j] = saved.halfBillionths[place]! / 1e9;
    }
    if (one.isNew) cov[rowAt(i) + i]! += 2 * SPREAD.own ** 2;
  });
  const aside = new Map(saved.aside);
  const own = (values: readonly number[], empty: number) =>
    Float64Array.from(places, ({ from, isNew }) => (isNew ? empty : values[from]!));
  return {
    lifts,
    atMs: saved.atMs,
    cov,
    mean: Float64Array.from(all, ({ from }) => saved.mean[from]!),
    sets: own(saved.sets, 0),
    reps: own(saved.reps, 0),
    lastMs: own(saved.lastMs, 0),
    aside: Float64Array.from(places, ({ from, isNew }) => (isNew ? NaN : (aside.get(from) ?? NaN))),
  };
}
