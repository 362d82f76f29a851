import { OPEN_RESERVE } from '../../unit/reserve';
import { atOrBelow, stepDown, stepUp, type Loads } from '../../loads/loads';
import type { Loadable } from '../../room/implement';
import type { LiftPlan } from '../../session/plan';
import type { LoggedSet } from '../../session/state';
import type { Why } from '../../words/why';
import type { DecisionContext, Proposal, Scheme, Situation } from '../decision';
import { CAP } from '../../lift/cap';

/** The next load up within the cap: one step, or the heaviest within the cap where steps are finer. */
function raised(loadG: number, limitG: number, loads: Loads): Loadable | null {
  const step = stepUp(loads, loadG);
  const within = atOrBelow(loads, limitG);
  return within && step && within.loadG > step.loadG ? within : step;
}

/** The profile's load for the middle of the range, before snapping. */
function middleLoad(plan: LiftPlan, { strength, lift }: DecisionContext): number {
  const middle = Math.round((plan.repRange.low + plan.repRange.high) / 2);
  return strength.loadFor(lift, middle, plan.targetRir).mean;
}

/** Under the range, and not only because a rep with much left was not clean: that is for the cue, not the load. */
const fellShort = ({ reps, cleanReps, rir }: LoggedSet, { repRange, targetRir }: LiftPlan) =>
  reps < repRange.low || (cleanReps < repRange.low && (rir ?? targetRir) <= targetRir);

/** What was done, as double progression reads it. */
interface Done {
  base: LiftPlan;
  sets: readonly LoggedSet[];
  context: DecisionContext;
  rirOf: (set: LoggedSet) => number;
}

/** Too hard: a set spent, or two under the range. Down to the profile's load, reps from the middle. */
function tooHard({ base, sets, context, rirOf }: Done): Proposal | null {
  const { repRange, targetRir, loadG } = base;
  const short = sets.filter((set) => fellShort(set, base)).length;
  const spent = targetRir > 0 && sets.some((set) => rirOf(set) === 0);
  if (short < 2 && !spent) return null;
  const target = Math.min(middleLoad(base, context), loadG - 1);
  const lower = atOrBelow(context.loads, target);
  const down = lower && lower.loadG < loadG ? lower : stepDown(context.loads, loadG);
  const why: Why = spent
    ? { code: 'set-left-nothing' }
    : { code: 'sets-under-range', sets: short, low: repRange.low };
  if (!down) {
    return {
      plan: { ...base, reps: repRange.low },
      why: { code: 'lightest-here', why },
    };
  }
  return {
    plan: { ...base, loadG: down.loadG, reps: Math.round((repRange.low + repRange.high) / 2) },
    why: { code: 'down-for', loadG: down.loadG, why },
  };
}

/** Every set left much more than asked: the profile's load, within twice the cap. */
function tooEasy({ base, sets, context, rirOf }: Done): Proposal | null {
  const { repRange, targetRir, loadG } = base;
  const easy = sets.every(
    (set) => rirOf(set) >= Math.min(OPEN_RESERVE, targetRir + 3) && set.cleanReps >= base.reps,
  );
  if (!easy) return null;
  const most = loadG * (1 + 2 * CAP[context.lift.region]);
  const up = raised(loadG, Math.min(middleLoad(base, context), most), context.loads);
  if (!up) return null;
  return {
    plan: { ...base, loadG: up.loadG, reps: repRange.low },
    why: { code: 'up-left-four', loadG: up.loadG },
  };
}

/** All sets reached the top with the asked reserve: a step up, reps back to the bottom. */
function atTheTop({ base, sets, context, rirOf }: Done): Proposal | null {
  const { repRange, targetRir, loadG } = base;
  const there = sets.every((set) => set.cleanReps >= repRange.high && rirOf(set) >= targetRir);
  if (!there) return null;
  const up = raised(loadG, loadG * (1 + CAP[context.lift.region]), context.loads);
  if (!up) {
    return { plan: base, why: { code: 'heaviest-here', loadG } };
  }
  return {
    plan: { ...base, loadG: up.loadG, reps: repRange.low },
    why: { code: 'up-from-top', loadG: up.loadG, high: repRange.high, rir: targetRir },
  };
}

/** In the range: the same load, one more rep than the set with the fewest. */
function inTheRange({ base, sets }: Done): Proposal {
  const { repRange } = base;
  const fewest = Math.min(...sets.map((set) => set.cleanReps));
  const reps = Math.max(repRange.low, Math.min(repRange.high, fewest + 1));
  const why: Why =
    reps > base.reps ? { code: 'one-more-rep', fewest } : { code: 'not-there-yet', reps };
  return { plan: { ...base, reps }, why };
}

/** Double progression: first the reps grow inside the range, then the load by a step and the reps start again. */
export const doubleProgression: Scheme = {
  next({ plan, sets, context }: Situation) {
    const base = { ...plan, loadG: sets.at(-1)?.loadG ?? plan.loadG };
    const rirOf = (set: LoggedSet) => set.rir ?? plan.targetRir;
    const done: Done = { base, sets, context, rirOf };
    const complete = sets.length >= plan.sets;
    return (
      tooHard(done) ?? (complete ? (tooEasy(done) ?? atTheTop(done)) : null) ?? inTheRange(done)
    );
  },
};
