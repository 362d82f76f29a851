import { estimatedOneRepMax, loadForReps } from '../epley';
import type { Lift } from '../lift';
import { atOrBelow, stepDown, type Loadable } from '../loadable';
import { massText, type Unit } from '../mass';
import type { Flag } from '../person';
import { painStop, type PainStop } from './pain-gate';
import type { Step } from './plan';
import { countedSets, nextStepIndex, type LiftState, type LoggedSet } from './state';

/** What the proposal is drawn from besides the log. */
export interface FloorContext {
  lift: Lift;
  loads: readonly Loadable[];
  unit: Unit;
  flags: readonly Flag[];
  /** Ids of the faults that stop a set. */
  safetyFaults: readonly string[];
}

/** The set to do next. `step` is its index among the lift's steps. */
export type NextSet =
  | { kind: 'step'; step: number; set: Step; change: Change; why: string; restLonger: boolean }
  | { kind: 'stop'; stop: PainStop }
  | { kind: 'done' };

export type Change = 'planned' | 'same' | 'lighter' | 'heavier' | 'fewer reps' | 'longer rest';

/** Largest jump within a session, as a share of the load. */
const JUMP = { upper: 0.1, lower: 0.2 } as const;
const CLEAN_SHARE = 0.8;
const SAFETY_DROP = 0.93;

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
    const down = lighter(last, last.loadG * SAFETY_DROP, context);
    const why = 'A safety fault last set: lighter, and the set-up first';
    return { ...base, loadG: down?.loadG ?? last.loadG, change: 'lighter', why };
  }
  if (last.cleanReps < last.reps * CLEAN_SHARE) {
    const reps = Math.max(1, Math.min(planned.reps, last.cleanReps));
    const why = `Last set had ${last.cleanReps} clean of ${last.reps}: stop at the last clean rep`;
    return { ...base, reps, change: 'fewer reps', why };
  }
  const rir = last.rir ?? targetRir;
  const answer = loadForReps(
    estimatedOneRepMax(last.loadG, last.cleanReps + rir),
    planned.reps + targetRir,
  );
  const tooHard = last.cleanReps < repRange.low || (rir === 0 && targetRir > 0);
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

/**
 * The next set of a lift and why. A plan that the trainer changed after the last set stands as it is;
 * otherwise the last working set moves load, reps or rest, within what the room can load.
 */
export function proposeNextSet(lift: LiftState, context: FloorContext): NextSet {
  const stop = painStop(lift.pains, context.flags);
  if (stop) return { kind: 'stop', stop };
  const step = nextStepIndex(lift);
  const planned = lift.steps[step];
  if (lift.skipped || !planned) return { kind: 'done' };
  const last = countedSets(lift, 'working').at(-1);
  const byTrainer = lift.adjusted !== null && (!last || lift.adjusted.eventId > last.id);
  if (byTrainer) {
    return {
      kind: 'step',
      step,
      set: planned,
      change: 'planned',
      why: lift.adjusted!.reason,
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
