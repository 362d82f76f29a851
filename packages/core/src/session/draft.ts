import { absenceShare } from '../decision/absence';
import { chooseImplement } from '../implement';
import { isClosed, liftLimit, startsCareful, workingRange } from '../limits';
import { stresses, type Lift } from '../lift';
import { atOrBelow, loadables, type Loadable } from '../loadable';
import type { Unit } from '../mass';
import { openFlags, type Person } from '../person';
import type { StrengthProfile } from '../profile/strength';
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
  programme: readonly ProgrammeLift[];
  /** What the last wrap-up left for each lift, by lift id. */
  plans: Record<string, LiftPlan>;
  person: Person;
  profile: StrengthProfile;
  /** Sets of the last session of each lift, warm-up sets included, by lift id. */
  lastTime: Record<string, PastStep[]>;
  /** When each lift was last done (ISO), by lift id. */
  lastDone: Record<string, string>;
  /** Main fault of each session of a lift, latest first, by lift id. */
  faults: Record<string, (string | null)[]>;
  room: Room;
  unit: Unit;
  /** ISO time. */
  now: string;
}

/** A lift that is left out today, and why. `overridable`: the trainer may open it with a reason. */
export interface ClosedLift {
  liftId: string;
  why: string;
  overridable: boolean;
}

export interface Draft {
  lifts: PlannedLift[];
  closed: ClosedLift[];
}

const DAY_MS = 24 * 3600 * 1000;
const SETS = 3;
/** Reserve that a first exposure to a lift asks for, and that others do. */
const FIRST_RIR = 3;
const USUAL_RIR = 2;

/** Reserve to leave in a lift whose load is known. */
export const usualRir = (person: Person, now: string): number =>
  person.trainingMonths < 3 || startsCareful(person, now) ? FIRST_RIR : USUAL_RIR;

/** Whole days since an ISO time, or null when it never was. */
export function daysSince(last: string | undefined, now: string): number | null {
  return last === undefined ? null : Math.floor((Date.parse(now) - Date.parse(last)) / DAY_MS);
}

type Found = Pick<PlannedLift, 'why' | 'belief' | 'certainty' | 'climb'> & { plan: LiftPlan };

/** A plan for a lift without one: the conservative start, and a climb from it where the lift has no evidence. */
export function firstPlan(entry: ProgrammeLift, input: DraftInput): Found | null {
  const { lift } = entry;
  const { person, room, now } = input;
  const context = { now, faults: input.faults[lift.id] ?? [] };
  const repRange = workingRange(person, lift, context);
  const reps = repRange.low;
  const asked = (rir: number) => input.profile.loadFor(lift, reps, rir);
  const known = asked(USUAL_RIR).certainty === 'known';
  const targetRir = known ? usualRir(person, now) : FIRST_RIR;
  const { mean, low, high, start, certainty, why: grounds } = asked(targetRir);
  const implement = chooseImplement(lift, room, start, person.bodyMassG);
  if (!implement) return null;
  const loads = loadables(room, implement);
  // Long levers start at the bottom of the rack: pride, not weakness, is the risk there.
  const bottom = lift.longLever && !known;
  const load = bottom ? loads[0] : atOrBelow(loads, start);
  if (!load) return null;
  const plan: LiftPlan = {
    liftId: lift.id,
    styleId: entry.styleId,
    implement,
    repRange,
    reps,
    targetRir,
    sets: SETS,
    loadG: load.loadG,
    focusCueId: entry.firstCueId,
    closed: null,
  };
  const why = bottom
    ? 'The lightest here: a small muscle on a long lever'
    : load.loadG > start
      ? `${grounds}; the lightest there is here`
      : grounds;
  return { plan, why, belief: { mean, low, high }, certainty, climb: !known };
}

function carriedPlan(kept: LiftPlan, entry: ProgrammeLift, input: DraftInput): Found | null {
  const { room, person } = input;
  const days = daysSince(input.lastDone[kept.liftId], input.now);
  const share = days === null ? 1 : absenceShare(days);
  const answer = input.profile.loadFor(entry.lift, kept.reps, kept.targetRir);
  const { mean, low, high, start, certainty } = answer;
  // The room may have changed since the plan was made: the load is snapped to what is here today.
  const before = loadables(room, kept.implement);
  const usable =
    before.length > 0
      ? kept.implement
      : chooseImplement(entry.lift, room, kept.loadG, person.bodyMassG);
  if (!usable) return null;
  const wanted = share === null ? Math.min(kept.loadG, start) : kept.loadG * share;
  const load = atOrBelow(loadables(room, usable), wanted);
  if (!load) return null;
  const why =
    share === 1
      ? 'As decided last time'
      : share === null
        ? `${days} days away: start again from the belief`
        : `${days} days away: ${Math.round((1 - share) * 100)} % lighter`;
  return {
    plan: {
      ...kept,
      implement: usable,
      loadG: load.loadG,
      reps: share === 1 ? kept.reps : kept.repRange.low,
    },
    why,
    belief: { mean, low, high },
    certainty,
    climb: false,
  };
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
  return openFlags(person).some((flag) => stresses(lift, flag.place)) ? plan.closed : null;
}

/** Why a lift is left out before its load is looked for, or null. A plan that a trainer accepted stands. */
function closedBy(entry: ProgrammeLift, input: DraftInput): ClosedLift | null {
  const { lift } = entry;
  const kept = input.plans[lift.id];
  const closed = stillClosed(kept, lift, input.person);
  if (closed) return { liftId: lift.id, why: closed, overridable: false };
  const limit = kept ? null : liftLimit(input.person, lift);
  return isClosed(limit)
    ? { liftId: lift.id, why: limit.why, overridable: limit.overridable }
    : null;
}

/** A lift as a session starts with it: plan, ramp, steps and reason; null when the room has nothing for it. */
export function planLift(
  entry: ProgrammeLift,
  input: DraftInput,
  warm: boolean,
): PlannedLift | null {
  const { lift } = entry;
  const kept = input.plans[lift.id];
  const found = kept
    ? carriedPlan({ ...kept, closed: null }, entry, input)
    : firstPlan(entry, input);
  if (!found) return null;
  const { plan, ...grounds } = found;
  const ramp = chooseRamp(input.person.trainingMonths, plan.reps, warm);
  const loads: Loadable[] = loadables(input.room, plan.implement);
  const target = { workingG: plan.loadG, workingReps: plan.reps };
  // The first set of a climb is light enough to be its own warm-up.
  const warmUps = grounds.climb ? [] : warmUpSteps(ramp, target, lift, loads);
  return {
    ...plan,
    ...grounds,
    ramp,
    steps: [...warmUps, ...workingSteps(plan)],
    lastTime: input.lastTime[lift.id] ?? [],
  };
}

/**
 * Today's session from what is known: each lift with a load that exists, its ramp and its reason.
 * Lifts that are closed, or that the room has nothing for, are listed apart with why.
 */
export function draftSession(input: DraftInput): Draft {
  const draft: Draft = { lifts: [], closed: [] };
  const warmMuscles = new Set<string>();
  for (const entry of input.programme) {
    const { lift } = entry;
    const closed = closedBy(entry, input);
    if (closed) {
      draft.closed.push(closed);
      continue;
    }
    const warm = lift.muscles.main.every((muscle) => warmMuscles.has(muscle));
    const planned = planLift(entry, input, warm);
    if (!planned) {
      const why = `${input.room.name} has nothing to load it with`;
      draft.closed.push({ liftId: lift.id, why, overridable: false });
      continue;
    }
    draft.lifts.push(planned);
    for (const muscle of lift.muscles.main) warmMuscles.add(muscle);
  }
  return draft;
}
