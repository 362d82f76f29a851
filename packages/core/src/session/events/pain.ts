import type { Steps } from '../../log/reduce';
import type { Pain } from '../pain';
import { onLift, type SessionState } from '../state';
import type { DayAfter } from '../way-back';

export interface PainPayloads {
  'pain.reported': Pain & { liftId: string };
  'pain.withdrawn': { painId: string };
  /** How the joint of a lift on its way back was on the day after the session before. */
  'day-after.told': { liftId: string; how: DayAfter };
}

export const painSteps: Steps<SessionState, PainPayloads> = {
  'pain.reported': (state, { liftId, ...pain }, { id, at }) =>
    onLift(state, liftId, (lift) => {
      lift.pains.push({ ...pain, id, at });
    }),
  'pain.withdrawn': (state, { painId }) => {
    for (const lift of state.lifts) lift.pains = lift.pains.filter((pain) => pain.id !== painId);
  },
  'day-after.told': (state, { liftId, how }) =>
    onLift(state, liftId, (lift) => {
      lift.dayAfter = how;
    }),
};
