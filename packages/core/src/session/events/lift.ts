import type { Steps } from '../../log/reduce';
import { rangeWith, type PlannedLift } from '../plan';
import { pairedTo } from '../pair';
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
  /** Two lifts are done in turn from here on, in this session and those planned from it, or each alone again. */
  'lifts.paired': { liftIds: [string, string]; paired: boolean };
  /** What is asked of a lift today instead of what was planned: working sets, reps, clean reps in reserve. */
  'lift.changed': { liftId: string; sets: number; reps: number; targetRir: number };
}

const has = (state: SessionState, liftId: string) =>
  state.lifts.some(({ plan }) => plan.liftId === liftId);

/** Whoever is in turn with a lift goes alone, and so does the lift. */
function part(state: SessionState, liftId: string) {
  for (const lift of state.lifts) {
    const { plan } = lift;
    if (plan.liftId === liftId || plan.pairedWith === liftId) lift.plan = pairedTo(plan, null);
  }
}

const isUntouched = ({ sets, pains, notes }: LiftState) =>
  sets.length + pains.length + notes.length === 0;

function pair(state: SessionState, [one, other]: readonly [string, string]) {
  if (one === other || !has(state, one) || !has(state, other)) return;
  part(state, one);
  part(state, other);
  for (const [liftId, partner] of [
    [one, other],
    [other, one],
  ] as const) {
    onLift(state, liftId, (lift) => {
      lift.plan = pairedTo(lift.plan, partner);
    });
  }
}

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
      const partner = lift.plan.pairedWith;
      part(state, liftId);
      const left = isUntouched(lift) ? [] : [{ ...lift, skipped: true }];
      state.lifts.splice(place, 1, ...left, newLift(by));
      if (partner !== undefined) pair(state, [by.liftId, partner]);
    });
  },
  'lifts.paired': (state, { liftIds, paired }) => {
    if (paired) pair(state, liftIds);
    else part(state, liftIds[0]);
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
