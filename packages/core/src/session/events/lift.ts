import type { Steps } from '../../log/reduce';
import type { PlannedLift } from '../plan';
import { newLift, onLift, type SessionState } from '../state';

/** Lifts come and go. */
export interface LiftPayloads {
  'lift.added': { lift: PlannedLift };
  /** `skipped: false` takes the lift up again. */
  'lift.skipped': { liftId: string; skipped: boolean; reason: string | null };
}

export const liftSteps: Steps<SessionState, LiftPayloads> = {
  'lift.added': (state, { lift }) => {
    const present = state.lifts.some((candidate) => candidate.plan.liftId === lift.liftId);
    if (!present) state.lifts.push(newLift(lift));
  },
  'lift.skipped': (state, { liftId, skipped }) =>
    onLift(state, liftId, (lift) => {
      lift.skipped = skipped;
    }),
};
