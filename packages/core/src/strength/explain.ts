import type { Lift } from '../lift/lift';
import type { Person } from '../person/person';
import { logLoadAt, type LogLoad } from './answer';
import {
  carryAt,
  enduranceAt,
  fatigueAt,
  liftAt,
  priorBelief,
  repConstantAt,
  rowAt,
  type Belief,
} from './belief';
import type { PastSet } from './past-set';
import { startingBelief, takeSets } from './replay';
import { passTime } from './passing-time';
import type { StudioRatios } from './studio-ratios';

/** What one set did to the estimate of a lift: the share by which its load moved, 0.04 for 4 % up. */
export interface SetEffect {
  set: PastSet;
  effect: number;
  how: 'taken' | 'less' | 'not';
}

/** Why an estimate is what it is: before anything, after what the client told, and now, with what moved it. */
export interface Explanation {
  prior: LogLoad;
  told: LogLoad;
  now: LogLoad;
  /** The lift's own sets, oldest first. */
  own: SetEffect[];
  /** Other lifts and what their sets did in all, largest first. */
  related: { liftId: string; effect: number; sets: number }[];
  /** What passing time did: gains, losses. */
  time: number;
  /** What the studio's clients teach of the lift; 0 once it has sets of its own. */
  studio: number;
  /** What tired sets cost this client: a share of the load, with its doubt. */
  tired: Tired;
}

/** The share of the load that a set leaving two costs later sets of its lift, and the most that other lifts cost. */
export interface Tired {
  own: { mean: number; sd: number };
  others: { mean: number; sd: number };
}

const sdAt = (belief: Belief, at: number) => Math.sqrt(belief.cov[rowAt(at) + at]!);

/** Opens the estimate of a lift for `reps` with `rir` left: replays all sets and notes what each one did. */
export function explainEstimate(
  person: Person,
  lifts: readonly Lift[],
  sets: readonly PastSet[],
  now: string,
  question: { liftId: string; reps: number; rir: number },
  ratios: StudioRatios = {},
): Explanation {
  const at = liftAt(lifts, question.liftId);
  const repsToLimit = question.reps + question.rir;
  const first = sets[0]?.at ?? now;
  const prior = logLoadAt(priorBelief(person, lifts, first), at, repsToLimit);
  const belief = startingBelief(person, lifts, first);
  const told = logLoadAt(belief, at, repsToLimit);
  const own: SetEffect[] = [];
  const others = new Map<string, { effect: number; sets: number }>();
  let explained = 0;
  takeSets(belief, person, sets, now, (set, taken, held) => {
    const endurance = enduranceAt(held);
    const k = repConstantAt(held, at);
    const weight = repsToLimit / (k + repsToLimit);
    const effect = taken.shift * (taken.v[at]! + weight * taken.v[endurance]!);
    explained += effect;
    if (set.liftId === question.liftId) own.push({ set, effect, how: taken.how });
    else {
      const other = others.get(set.liftId) ?? { effect: 0, sets: 0 };
      others.set(set.liftId, { effect: other.effect + effect, sets: other.sets + 1 });
    }
  });
  if (sets.length > 0) passTime(belief, Date.parse(now), person.trainingMonths);
  const reached = logLoadAt(belief, at, repsToLimit);
  const studio = own.length > 0 ? 0 : (ratios[question.liftId] ?? 0);
  return {
    prior,
    told,
    now: { ...reached, mu: reached.mu + studio },
    studio,
    own,
    related: [...others]
      .map(([liftId, other]) => ({ liftId, ...other }))
      .sort((a, b) => Math.abs(b.effect) - Math.abs(a.effect)),
    time: reached.mu - told.mu - explained,
    tired: {
      own: { mean: belief.mean[fatigueAt(belief)]!, sd: sdAt(belief, fatigueAt(belief)) },
      others: { mean: belief.mean[carryAt(belief)]!, sd: sdAt(belief, carryAt(belief)) },
    },
  };
}
