import type { Lift } from '@spalo/core/lift';
import type { Grams } from '@spalo/core/unit';
import type { Random } from './random';
import { curveFamilies, shareFor, type CurveName } from './curves';

/** A made-up person who lifts. Their true curve is not the formula that Spalo estimates with. */
export interface Lifter {
  /** True 1RM by lift id, grams, on an ordinary day and rested. */
  oneRepMaxG: Record<string, Grams>;
  curve: CurveName;
  /** Reps at three quarters of the 1RM, by lift id. */
  repsAt75: Record<string, number>;
  /** Log strength gained each week while training. */
  weeklyGain: number;
  /** Standard deviation of the log of a day's form. */
  dayToDay: number;
  /** Reps that each earlier set of the lift costs. */
  fatigue: number;
  /** Reps that the sets of other lifts cost, in full after four of them; 0 for who recovers between lifts. */
  carry: number;
  /** Reps by which they think they have fewer left than they do; negative for boasters. */
  modesty: number;
  /** Error of their reserve in reps, for each rep left. */
  blur: number;
  /** Chance that a rep near the limit is not clean. */
  looseness: number;
  /** Reps before the limit at which they put it down, whatever was asked; none where it is absent. */
  stopsShort?: number;
}

/** A lifter whose strength moved by a log share. */
export const strongerBy = (lifter: Lifter, log: number): Lifter => ({
  ...lifter,
  oneRepMaxG: Object.fromEntries(
    Object.entries(lifter.oneRepMaxG).map(([id, max]) => [id, max * Math.exp(log)]),
  ),
});

/** What a simulated set looked like. */
export interface SimulatedSet {
  reps: number;
  cleanReps: number;
  marks: { rep: number; faultId: string }[];
  rir: number;
  /** Reps truly left, whole. */
  left: number;
  /** The asked reps were not all there. */
  failed: boolean;
}

/** True reps to the limit, not rounded, at a load; 0 at the 1RM and above. */
export function trueRepsToLimit(
  lifter: Lifter,
  liftId: string,
  oneRepMaxG: Grams,
  loadG: Grams,
): number {
  const share = loadG / oneRepMaxG;
  if (share >= 1) return 0;
  return curveFamilies[lifter.curve](share, lifter.repsAt75[liftId]!);
}

/** The true load for `reps` reps to the limit, rested, on an ordinary day; grams, not snapped. */
export function trueLoad(lifter: Lifter, liftId: string, reps: number): Grams {
  const curve = curveFamilies[lifter.curve];
  return lifter.oneRepMaxG[liftId]! * shareFor(curve, lifter.repsAt75[liftId]!, reps);
}

/**
 * One set of `asked` reps. `day` scales the 1RM for the day, `earlier` counts the lift's working sets before it that
 * day, `others` those of other lifts.
 * The lifter stops at the asked reps or at the limit, whichever comes first, and says what they think was left.
 */
export function simulateSet(
  lifter: Lifter,
  lift: Pick<Lift, 'id'>,
  set: {
    loadG: Grams;
    asked: number;
    day: number;
    earlier: number;
    faultId: string | null;
    others?: number;
  },
  random: Random,
): SimulatedSet {
  const strength = lifter.oneRepMaxG[lift.id]! * set.day;
  const rested = trueRepsToLimit(lifter, lift.id, strength, set.loadG);
  const limit = Math.max(
    0,
    Math.floor(
      rested -
        set.earlier * lifter.fatigue -
        Math.min(1, (set.others ?? 0) / 4) * lifter.carry +
        random.normal() * 0.5,
    ),
  );
  const reps = Math.max(1, Math.min(set.asked, limit - (lifter.stopsShort ?? 0)));
  const marks: SimulatedSet['marks'] = [];
  if (set.faultId) {
    for (let rep = 1; rep <= reps; rep += 1) {
      const closeness = 1 - Math.min(1, (limit - rep) / 6);
      if (random.unit() < lifter.looseness * (0.3 + closeness)) {
        marks.push({ rep, faultId: set.faultId });
      }
    }
  }
  const left = Math.max(0, limit - reps);
  const felt = left * (1 + random.normal() * lifter.blur) - lifter.modesty + random.normal() * 0.4;
  const rir = left === 0 ? 0 : Math.max(0, Math.min(4, Math.round(felt)));
  return { reps, cleanReps: reps - marks.length, marks, rir, left, failed: reps < set.asked };
}
