import type { Steps } from '../../log/reduce';
import { onLift, type SessionState } from '../state';

export interface CuePayloads {
  'cue.given': { liftId: string; cueId: string };
}

export const cueSteps: Steps<SessionState, CuePayloads> = {
  'cue.given': (state, { liftId, cueId }) =>
    onLift(state, liftId, (lift) => {
      lift.focusCueId = cueId;
    }),
};
