import type { Steps } from '../../log/reduce';
import { rangeWith, type PlannedLift } from '../plan';
import { newLift, onLift, type LiftState, type SessionState } from '../state';

/** Lifts come, go, change places, and are asked for otherwise. */
export interface LiftPayloads {
  'lift.added': { lift: PlannedLift };
  /** `skipped: false` takes the lift up again. */
  'lift.skipped': { liftId: string; skipped: boolean; reason: string | null };
  /** Another lift in its place; one of which something is done stays, left out from here on, and the other follows it. */
  'lift.swapped': { liftId: string; by: PlannedLift };
  /** The order of the lifts, by their ids; those that it does not name come after, as they were. */
  'lifts.ordered': { liftIds: string[] };
  /** What is asked of a lift today instead of what was planned: working sets, reps, clean reps in reserve. */
  'lift.changed': { liftId: string; sets: number; reps: number; targetRir: number };
}

const has = (state: SessionState, liftId: string) =>
  state.lifts.some(({ plan }) => plan.liftId === liftId);

const isUntouched = ({ sets, pains, notes }: LiftState) =>
  sets.length + pains.length + notes.length === 0;

export const liftSteps: Steps<SessionState, LiftPayloads> = {
  'lift.added': (state, { lift }) => {
    if (!has(state, lift.liftId)) state.lifts.push(newLift(lift));
  },
  'lift.skipped': (state, { liftId, skipped }) =>
    onLift(state, liftId, (lift) => {
      lift.skipped = skipped;
    }),
  'lift.swapped': (state, { liftId, by }) => {
    if (has(state, by.liftId)) return;
    onLift(state, liftId, (lift) => {
      const place = state.lifts.indexOf(lift);
      const left = isUntouched(lift) ? [] : [{ ...lift, skipped: true }];
      state.lifts.splice(place, 1, ...left, newLift(by));
    });
  },
  'lifts.ordered': (state, { liftIds }) => {
    const place = (lift: LiftState) => {
      const at = liftIds.indexOf(lift.plan.liftId);
      return at < 0 ? liftIds.length : at;
    };
    state.lifts.sort((a, b) => place(a) - place(b));
  },
  'lift.changed': (state, { liftId, sets, reps, targetRir }) =>
    onLift(state, liftId, (lift) => {
      lift.usual ??= {
        sets: lift.plan.sets,
        reps: lift.plan.reps,
        targetRir: lift.plan.targetRir,
        repRange: lift.plan.repRange,
      };
      const repRange = rangeWith(lift.usual.repRange, reps);
      lift.plan = { ...lift.plan, sets, reps, targetRir, repRange };
    }),
};
