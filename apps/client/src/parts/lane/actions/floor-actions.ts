import type { SessionState } from '@spalo/core';
import { authorFor, journal } from '../../../state/device';
import { appendToSession } from '../../../state/log/session-log';
import type { Append } from './append';
import { generalActions } from './general-actions';
import { lessonActions } from './lesson-actions';
import { liftActions } from './lift-actions';
import { rampActions } from './ramp-actions';
import { sessionActions } from './session-actions';
import { setActions } from './set-actions';

/** Everything a trainer does to a session on the floor; each is stored on the device before it shows. */
export function floorActions(session: Pick<SessionState, 'id'>, trainerId: string) {
  const author = authorFor(trainerId);
  const append: Append = (type, payload) =>
    appendToSession(journal, session.id, type, payload, author);
  return {
    ...setActions(append),
    ...rampActions(append),
    ...generalActions(append),
    ...liftActions(append),
    ...lessonActions(append),
    ...sessionActions(append),
  };
}

export type FloorActions = ReturnType<typeof floorActions>;
