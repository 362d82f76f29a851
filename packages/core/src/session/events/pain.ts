import type { Steps } from '../../log/reduce';
import type { Pain } from '../pain';
import { onLift, type SessionState } from '../state';

export interface PainPayloads {
  'pain.reported': Pain & { liftId: string };
  'pain.withdrawn': { painId: string };
}

export const painSteps: Steps<SessionState, PainPayloads> = {
  'pain.reported': (state, { liftId, ...pain }, { id, at }) =>
    onLift(state, liftId, (lift) => {
      lift.pains.push({ ...pain, id, at });
    }),
  'pain.withdrawn': (state, { painId }) => {
    for (const lift of state.lifts) lift.pains = lift.pains.filter((pain) => pain.id !== painId);
  },
};
