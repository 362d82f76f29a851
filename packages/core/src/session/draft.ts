import { absenceShare } from '../decision/absence';
import type { Lift } from '../lift';
import { atOrBelow, loadables, type Implement, type Loadable } from '../loadable';
import type { Unit } from '../mass';
import { openFlags, type Person } from '../person';
import { readStrength, type PastSet, type StrengthProfile } from '../profile/strength';
import { chooseRamp } from '../ramp/ramp-kind';
import { restBetweenWork } from '../rest';
import type { Room } from '../room';
import { warmUpSteps } from './adjust-steps';
import type { LiftPlan, PastStep, PlannedLift, Step } from './plan';

/** A lift of the programme with the style it is taught in and the cue to begin with. */
export interface ProgrammeLift {
  lift: Lift;
  styleId: string;
  firstCueId: string;
}

/** All that a session is drafted from. */
export interface DraftInput {
  programme: ProgrammeLift[];
  /** What the last wrap-up left for each lift, by lift id. */
  plans: Record<string, LiftPlan>;
  person: Person;
  pastSets: readonly PastSet[];
  /** Sets of the last session of each lift, warm-up sets included, by lift id. */
  lastTime: Record<string, PastStep[]>;
  room: Room;
  unit: Unit;
  /** ISO time. */
  now: string;
}

/** A lift that cannot be done today, and why. */
export interface ClosedLift {
  liftId: string;
  why: string;
}

export interface Draft {
  lifts: PlannedLift[];
  closed: ClosedLift[];
}

const DAY_MS = 24 * 3600 * 1000;
const SETS = 3;

/** The heaviest bar that still leaves room for a light warm-up set under `targetG`, else the lightest bar. */
export function chooseBar(room: Room, targetG: number): string | null {
  const bars = [...room.bars].sort((a, b) => a.massG - b.massG);
  return (bars.findLast((bar) => bar.massG <= targetG / 2) ?? bars[0])?.id ?? null;
}

/** What the lift is loaded with in this room for about `targetG`; null when the room has nothing for it. */
export function chooseImplement(lift: Lift, room: Room, targetG: number): Implement | null {
  if (lift.implement === 'barbell') {
    const barId = chooseBar(room, targetG);
    return barId === null ? null : { kind: 'barbell', barId };
  }
  return { kind: 'dumbbell', hands: lift.implement === 'dumbbell pair' ? 2 : 1 };
}

/** Whole days since the lift was last done, or null when it never was. */
export function daysSince(
  liftId: string,
  pastSets: readonly PastSet[],
  now: string,
): number | null {
  const times = pastSets.filter((set) => set.liftId === liftId).map((set) => Date.parse(set.at));
  return times.length === 0 ? null : Math.floor((Date.parse(now) - Math.max(...times)) / DAY_MS);
}

function firstPlan(
  entry: ProgrammeLift,
  profile: StrengthProfile,
  input: DraftInput,
): { plan: LiftPlan; why: string; belief: PlannedLift['belief'] } | null {
  const { lift } = entry;
  const reps = lift.repRange.low;
  const targetRir = input.person.nervous || input.person.trainingMonths < 3 ? 3 : 2;
  const answer = profile.loadFor(lift, reps, targetRir);
  const implement = chooseImplement(lift, input.room, answer.start);
  if (!implement) return null;
  const load = atOrBelow(loadables(input.room, implement), answer.start);
  if (!load) return null;
  const plan: LiftPlan = {
    liftId: lift.id,
    styleId: entry.styleId,
    implement,
    repRange: lift.repRange,
    reps,
    targetRir,
    sets: SETS,
    loadG: load.loadG,
    focusCueId: entry.firstCueId,
    closed: null,
  };
  const lightest = load.loadG > answer.start;
  const why = lightest ? `${answer.why}; the lightest there is here` : answer.why;
  const { mean, low, high } = answer;
  return { plan, why, belief: { mean, low, high } };
}

function carriedPlan(
  kept: LiftPlan,
  entry: ProgrammeLift,
  profile: StrengthProfile,
  input: DraftInput,
): { plan: LiftPlan; why: string; belief: PlannedLift['belief'] } | null {
  const days = daysSince(kept.liftId, input.pastSets, input.now);
  const share = days === null ? 1 : absenceShare(days);
  const { mean, low, high, start } = profile.loadFor(entry.lift, kept.reps, kept.targetRir);
  const belief = { mean, low, high };
  // The room may have changed since the plan was made: the load is snapped to what is here today.
  const loads = loadables(input.room, kept.implement);
  const usable =
    loads.length > 0 ? kept.implement : chooseImplement(entry.lift, input.room, kept.loadG);
  if (!usable) return null;
  const here = loads.length > 0 ? loads : loadables(input.room, usable);
  const wanted = share === null ? Math.min(kept.loadG, start) : kept.loadG * share;
  const load = atOrBelow(here, wanted);
  if (!load) return null;
  const plan = { ...kept, implement: usable, loadG: load.loadG };
  const reps = share === 1 ? kept.reps : kept.repRange.low;
  const why =
    share === 1
      ? 'As decided last time'
      : share === null
        ? `${days} days away: start again from the belief`
        : `${days} days away: ${Math.round((1 - share) * 100)} % lighter`;
  return { plan: { ...plan, reps }, why, belief };
}

function workingSteps(plan: LiftPlan): Step[] {
  const step: Step = {
    kind: 'working',
    loadG: plan.loadG,
    reps: plan.reps,
    purpose: '',
    restS: restBetweenWork(plan.reps),
  };
  return Array.from({ length: plan.sets }, () => step);
}

/** Whether a closed lift may be done again: the trainer recorded clearance, so no flag on its joints is open. */
function stillClosed(plan: LiftPlan | undefined, lift: Lift, person: Person): string | null {
  if (!plan?.closed) return null;
  const open = openFlags(person).some((flag) => lift.joints.includes(flag.place));
  return open ? plan.closed : null;
}

/**
 * Today's session from what is known: each lift with a load that exists, its ramp and its reason.
 * Lifts that are closed, or that the room has nothing for, are listed apart with why.
 */
export function draftSession(input: DraftInput): Draft {
  const profile = readStrength(input.person, input.pastSets, input.now);
  const draft: Draft = { lifts: [], closed: [] };
  const warmMuscles = new Set<string>();
  for (const entry of input.programme) {
    const { lift } = entry;
    const kept = input.plans[lift.id];
    const closed = stillClosed(kept, lift, input.person);
    if (closed) {
      draft.closed.push({ liftId: lift.id, why: closed });
      continue;
    }
    const found = kept
      ? carriedPlan({ ...kept, closed: null }, entry, profile, input)
      : firstPlan(entry, profile, input);
    if (!found) {
      draft.closed.push({ liftId: lift.id, why: `${input.room.name} has nothing to load it with` });
      continue;
    }
    const { plan, why, belief } = found;
    const warm = lift.muscles.main.every((muscle) => warmMuscles.has(muscle));
    const ramp = chooseRamp(input.person.trainingMonths, plan.reps, warm);
    const loads: Loadable[] = loadables(input.room, plan.implement);
    const target = { workingG: plan.loadG, workingReps: plan.reps };
    const steps = [...warmUpSteps(ramp, target, lift, loads), ...workingSteps(plan)];
    draft.lifts.push({
      ...plan,
      ramp,
      steps,
      why,
      belief,
      lastTime: input.lastTime[lift.id] ?? [],
    });
    for (const muscle of lift.muscles.main) warmMuscles.add(muscle);
  }
  return draft;
}
