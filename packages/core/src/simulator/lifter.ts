import type { Lift } from '../lift';
import type { Grams } from '../mass';
import type { Random } from '../random';

/** A made-up person who lifts. Their true curve is not the formula that Spalo estimates with. */
export interface Lifter {
  /** True 1RM by lift id, grams. */
  oneRepMaxG: Record<string, Grams>;
  /** Reps lost per unit of log load: people differ in endurance. */
  endurance: number;
  /** Share of strength gained each week while training. */
  weeklyGain: number;
  /** Reps by which they think they have fewer left than they do. */
  modesty: number;
  /** Chance that a rep near the limit is not clean. */
  looseness: number;
}

/** What a simulated set looked like. */
export interface SimulatedSet {
  reps: number;
  cleanReps: number;
  marks: { rep: number; faultId: string }[];
  rir: number;
}

/**
 * Reps to the limit at a share of the 1RM: exponential in the load, r = e · ln(1 / share) · (1 + share),
 * so that no published formula fits it exactly.
 */
export function trueRepsToLimit(lifter: Lifter, oneRepMaxG: Grams, loadG: Grams): number {
  const share = loadG / oneRepMaxG;
  return share >= 1 ? 0 : lifter.endurance * Math.log(1 / share) * (1 + share);
}

/**
 * One set of `asked` reps. `dayG` scales the 1RM for the day, `fatigue` is reps already spent by earlier sets.
 * The lifter stops at the asked reps or at the limit, whichever comes first.
 */
export function simulateSet(
  lifter: Lifter,
  lift: Lift,
  set: { loadG: Grams; asked: number; dayG: number; fatigue: number; faultId: string | null },
  random: Random,
): SimulatedSet {
  const strength = (lifter.oneRepMaxG[lift.id] ?? 0) * set.dayG;
  const limit = Math.max(
    0,
    Math.floor(trueRepsToLimit(lifter, strength, set.loadG) - set.fatigue + random.normal() * 0.5),
  );
  const reps = Math.max(1, Math.min(set.asked, limit));
  const marks: SimulatedSet['marks'] = [];
  if (set.faultId) {
    for (let rep = 1; rep <= reps; rep += 1) {
      const closeness = 1 - Math.min(1, (limit - rep) / 6);
      if (random.unit() < lifter.looseness * (0.3 + closeness)) {
        marks.push({ rep, faultId: set.faultId });
      }
    }
  }
  const left = Math.round(limit - reps - lifter.modesty + random.normal() * 0.6);
  const rir = Math.max(0, Math.min(4, left));
  return { reps, cleanReps: reps - marks.length, marks, rir };
}
