import type { Loadable } from '../loadable';
import { atOrBelow, stepDown, stepUp, type Loads } from '../loads';
import { massText } from '../mass';
import type { LiftPlan } from '../session/plan';
import type { LoggedSet } from '../session/state';
import type { DecisionContext } from './decision';

/** Largest step between sessions for beginners, as a share of the load. */
const CAP = { upper: 0.05, lower: 0.1 } as const;

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

/**
 * After a climb: the load that was found, by what is believed now, never under the last set's and within twice the
 * cap above it; reps from the bottom and the usual reserve.
 */
export function afterClimb(
  plan: LiftPlan,
  sets: readonly LoggedSet[],
  context: DecisionContext,
): { plan: LiftPlan; why: string } {
  const { lift, loads, strength, usualRir } = context;
  const last = sets.at(-1)!.loadG;
  const reps = plan.repRange.low;
  const limit = last * (1 + 2 * CAP[lift.region]);
  const wanted = Math.min(strength.loadFor(lift, reps, usualRir).mean, limit);
  const found = atOrBelow(loads, wanted);
  const loadG = found && found.loadG > last ? found.loadG : last;
  return {
    plan: { ...plan, loadG, reps, targetRir: usualRir },
    why: `Found on the floor: ${massText(loadG, context.unit)} for ${reps} with ${usualRir} left`,
  };
}

/**
 * Double progression: first the reps grow inside the range, then the load by a step and the reps start again.
 * `sets` are the working sets that count, at least one.
 */
export function doubleProgression(
  plan: LiftPlan,
  sets: readonly LoggedSet[],
  context: DecisionContext,
): { plan: LiftPlan; why: string } {
  const { repRange, targetRir } = plan;
  const loadG = sets.at(-1)!.loadG;
  const base: LiftPlan = { ...plan, loadG };
  const rirOf = (set: LoggedSet) => set.rir ?? targetRir;
  const inUnit = (grams: number) => massText(grams, context.unit);

  const short = sets.filter((set) => fellShort(set, plan)).length;
  const spent = targetRir > 0 && sets.some((set) => rirOf(set) === 0);
  if (short >= 2 || spent) {
    const target = Math.min(middleLoad(plan, context), loadG - 1);
    const lower = atOrBelow(context.loads, target);
    const down = lower && lower.loadG < loadG ? lower : stepDown(context.loads, loadG);
    const cause = spent
      ? 'a set left nothing in reserve'
      : `${short} sets fell under ${repRange.low} reps`;
    if (!down) {
      return {
        plan: { ...base, reps: repRange.low },
        why: `Same load, the lightest here: ${cause}`,
      };
    }
    const reps = Math.round((repRange.low + repRange.high) / 2);
    return {
      plan: { ...base, loadG: down.loadG, reps },
      why: `Down to ${inUnit(down.loadG)}: ${cause}`,
    };
  }

  const complete = sets.length >= plan.sets;
  const atTop =
    complete && sets.every((set) => set.cleanReps >= repRange.high && rirOf(set) >= targetRir);
  const easy = complete && sets.every((set) => rirOf(set) >= Math.min(4, targetRir + 3));
  const cap = CAP[context.lift.region];
  if (easy && sets.every((set) => set.cleanReps >= plan.reps)) {
    const limit = Math.min(middleLoad(plan, context), loadG * (1 + 2 * cap));
    const up = raised(loadG, limit, context.loads);
    if (up) {
      return {
        plan: { ...base, loadG: up.loadG, reps: repRange.low },
        why: `Up to ${inUnit(up.loadG)}: every set left 4 or more`,
      };
    }
  }
  if (atTop) {
    const up = raised(loadG, loadG * (1 + cap), context.loads);
    if (up) {
      return {
        plan: { ...base, loadG: up.loadG, reps: repRange.low },
        why: `Up a step to ${inUnit(up.loadG)}: all sets reached ${repRange.high} clean with ${targetRir} left`,
      };
    }
    return { plan: base, why: `${inUnit(loadG)} is the heaviest here: slow the way down instead` };
  }
  const fewest = Math.min(...sets.map((set) => set.cleanReps));
  const reps = Math.max(repRange.low, Math.min(repRange.high, fewest + 1));
  const why =
    reps > plan.reps
      ? `Same load, one more rep: ${fewest} clean in the range`
      : `Same load and ${reps} reps: not every set got there yet`;
  return { plan: { ...base, reps }, why };
}
