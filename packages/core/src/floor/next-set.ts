import type { Lift } from '../lift/lift';
import { atOrBelow, stepDown, stepUp, type Loads } from '../loads/loads';
import type { Flag } from '../person/person';
import type { Loadable } from '../room/implement';
import { AFTER_SAFETY_FAULT, isUnclean } from '../session/clean';
import type { Step } from '../session/plan';
import { countedSets, nextStepIndex, type LiftState, type LoggedSet } from '../session/state';
import { OPEN_RESERVE } from '../strength/past-set';
import type { StrengthProfile } from '../strength/profile';
import { massText, type Unit } from '../unit/mass';
import { painStop, type PainStop } from './pain-stop';

/** What the proposal is drawn from besides the log. */
export interface FloorContext {
  lift: Lift;
  loads: Loads;
  unit: Unit;
  flags: readonly Flag[];
  /** Ids of the faults that stop a set. */
  safetyFaults: readonly string[];
  /** What is believed of the client with today's sets taken in. */
  strength: StrengthProfile;
}

/** The set to do next. `step` is its index among the lift's steps. */
export type NextSet =
  | { kind: 'step'; step: number; set: Step; change: Change; why: string; restLonger: boolean }
  | { kind: 'stop'; stop: PainStop }
  | { kind: 'done' };

export type Change = 'planned' | 'same' | 'lighter' | 'heavier' | 'fewer reps' | 'longer rest';

/** Largest jump within a session, as a share of the load. */
const JUMP = { upper: 0.1, lower: 0.2 } as const;
/** The coarsest step that a climb takes. */
const MOST_STEP = 1.5;
/** Working sets that a climb may take at most. */
const MOST_CLIMB = 5;

interface Proposal {
  loadG: number;
  reps: number;
  change: Change;
  why: string;
  /** Breath or reps fell off: the rest before this set is a longer one. */
  restLonger?: boolean;
}

function said(set: LoggedSet): string {
  const left = set.rir === null ? '' : set.rir >= 4 ? ', 4 or more left' : `, ${set.rir} left`;
  return `${set.cleanReps} clean${left}`;
}

function lighter(last: LoggedSet, target: number, context: FloorContext): { loadG: number } | null {
  const down = stepDown(context.loads, last.loadG);
  if (!down) return null;
  const found = atOrBelow(context.loads, target);
  return found && found.loadG < last.loadG ? found : down;
}

/**
 * The next load of a calibration climb: what the belief supports, at most 10 % (upper body) or 20 % (lower) more,
 * half of that once the reserve can be counted; a step where steps are coarser than that.
 */
function climbTo(
  last: LoggedSet,
  rir: number,
  answer: number,
  { lift, loads }: FloorContext,
): Loadable | null {
  const jump = JUMP[lift.region] * (rir >= OPEN_RESERVE ? 1 : 0.5);
  const up = atOrBelow(loads, Math.min(answer, last.loadG * (1 + jump)));
  if (up && up.loadG > last.loadG) return up;
  const step = stepUp(loads, last.loadG);
  // A rack whose steps are coarse is climbed one step at a time, and only from "4 or more".
  return step && rir >= OPEN_RESERVE && step.loadG <= last.loadG * MOST_STEP ? step : null;
}

function afterSet(
  last: LoggedSet,
  planned: Step,
  lift: LiftState,
  context: FloorContext,
): Proposal {
  const { repRange, targetRir } = lift.plan;
  const base = { loadG: last.loadG, reps: planned.reps };
  const inUnit = (loadG: number) => massText(loadG, context.unit);

  if (last.marks.some((mark) => context.safetyFaults.includes(mark.faultId))) {
    const down = lighter(last, last.loadG * AFTER_SAFETY_FAULT, context);
    const why = 'A safety fault last set: lighter, and the set-up first';
    return { ...base, loadG: down?.loadG ?? last.loadG, change: 'lighter', why };
  }
  if (isUnclean(last)) {
    const reps = Math.max(1, Math.min(planned.reps, last.cleanReps));
    const why = `Last set had ${last.cleanReps} clean of ${last.reps}: stop at the last clean rep`;
    return { ...base, reps, change: 'fewer reps', why };
  }
  const rir = last.rir ?? targetRir;
  const answer = context.strength.loadFor(context.lift, planned.reps, targetRir).mean;
  // A rep that was not clean with much left asks for a cue, not for less load.
  const short = last.reps < repRange.low || (last.cleanReps < repRange.low && rir <= targetRir);
  const tooHard = short || (rir === 0 && targetRir > 0);
  if (tooHard) {
    const down = lighter(last, answer, context);
    if (down) {
      const why = `Last set was ${said(last)}: down to ${inUnit(down.loadG)}`;
      return { ...base, loadG: down.loadG, restLonger: true, change: 'lighter', why };
    }
    const why = `Last set was ${said(last)} at the lightest load: rest longer`;
    return { ...base, restLonger: true, change: 'longer rest', why };
  }
  const spare = last.cleanReps + rir - (planned.reps + targetRir);
  if (lift.plan.climb && rir > targetRir && last.cleanReps >= planned.reps) {
    const up = climbTo(last, rir, answer, context);
    if (up) {
      const why = `Climbing: last set was ${said(last)}, up to ${inUnit(up.loadG)}`;
      return { ...base, loadG: up.loadG, change: 'heavier', why };
    }
  }
  if (spare >= 2 && last.cleanReps >= planned.reps) {
    const cap = last.loadG * (1 + JUMP[context.lift.region]);
    const up = atOrBelow(context.loads, Math.min(answer, cap));
    if (up && up.loadG > last.loadG) {
      const why = `Last set was ${said(last)}: up to ${inUnit(up.loadG)}`;
      return { ...base, loadG: up.loadG, change: 'heavier', why };
    }
  }
  if (spare < 0) {
    const why = `Same load: last set was ${said(last)}; rest a little longer`;
    return { ...base, restLonger: true, change: 'longer rest', why };
  }
  return { ...base, change: 'same', why: `Same load: last set was ${said(last)}` };
}

/** One set more than planned while a climb has not found its load; null when it has, or has gone on long enough. */
function stillClimbing(lift: LiftState, last: LoggedSet | undefined): Step | null {
  const pattern = lift.steps.findLast((step) => step.kind === 'working');
  const more =
    lift.plan.climb &&
    last?.rir === OPEN_RESERVE &&
    countedSets(lift, 'working').length < MOST_CLIMB;
  return more && pattern ? pattern : null;
}

/**
 * The next set of a lift and why. A plan that the trainer changed after the last set stands as it is;
 * otherwise the last working set moves load, reps or rest, within what the room can load.
 */
export function proposeNextSet(lift: LiftState, context: FloorContext): NextSet {
  const stop = painStop(lift.pains, context.flags);
  if (stop) return { kind: 'stop', stop };
  const step = nextStepIndex(lift);
  const last = countedSets(lift, 'working').at(-1);
  const planned = lift.steps[step] ?? stillClimbing(lift, last);
  if (lift.skipped || !planned) return { kind: 'done' };
  if (lift.adjusted && (!last || lift.adjusted.eventId > last.id)) {
    return {
      kind: 'step',
      step,
      set: planned,
      change: 'planned',
      why: lift.adjusted.reasons.join('. '),
      restLonger: false,
    };
  }
  if (!last || planned.kind === 'warm-up') {
    return {
      kind: 'step',
      step,
      set: planned,
      change: 'planned',
      why: lift.plan.why,
      restLonger: false,
    };
  }
  const { change, why, restLonger = false, ...moved } = afterSet(last, planned, lift, context);
  return { kind: 'step', step, set: { ...planned, ...moved }, change, why, restLonger };
}

/** The steps as the ramp shows them: done as done, then the proposal, which also moves the working sets behind it. */
export function stepsInSight(lift: LiftState, next: NextSet): Step[] {
  if (next.kind !== 'step') return lift.steps;
  return lift.steps.map((step, index) => {
    if (index === next.step) return next.set;
    const follows = index > next.step && next.set.kind === 'working' && step.kind === 'working';
    return follows ? { ...step, loadG: next.set.loadG } : step;
  });
}
