import type { Steps } from '../../log/reduce';
import { onLift, type SessionState } from '../state';

export interface NotePayloads {
  /** Of a lift, or of the whole session where `liftId` is null. */
  'note.added': { liftId: string | null; text: string };
}

export const noteSteps: Steps<SessionState, NotePayloads> = {
  'note.added': (state, { liftId, text }, { id }) => {
    if (liftId === null) state.notes.push({ id, text });
    else onLift(state, liftId, (lift) => void lift.notes.push({ id, text }));
  },
};
