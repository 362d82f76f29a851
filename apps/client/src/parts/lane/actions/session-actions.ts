import type { EventPayloads } from '@spalo/core';
import type { Append } from './append';

/** The session as a whole: notes, what was decided, its end. */
export const sessionActions = (append: Append) => ({
  addNote: (liftId: string | null, text: string) => append('note.added', { liftId, text }),
  answer: (payload: EventPayloads['suggestion.answered']) => append('suggestion.answered', payload),
  finish: () => append('session.finished', {}),
  reopen: () => append('session.reopened', {}),
});
