import type { SessionState } from '@spalo/core';
import { authorFor, journal } from '../../../state/device';
import { appendToSession } from '../../../state/log/session-log';
import type { StoredEntry } from '../../words/entry-words';
import { offerUndo } from '../undo';
import type { Append } from './append';
import { flagActions } from './flag-actions';
import { generalActions } from './general-actions';
import { lessonActions } from './lesson-actions';
import { liftActions } from './lift-actions';
import { rampActions } from './ramp-actions';
import { sessionActions } from './session-actions';
import { setActions } from './set-actions';

const actionsBy = (append: Append) => ({
  ...setActions(append),
  ...rampActions(append),
  ...generalActions(append),
  ...liftActions(append),
  ...flagActions(append),
  ...lessonActions(append),
  ...sessionActions(append),
});

export type FloorActions = ReturnType<typeof actionsBy>;

/**
 * Everything a trainer does to a session on the floor; each is stored on the device before it shows, and can be taken
 * back as a whole for a while.
 */
export function floorActions(
  { id, unit }: Pick<SessionState, 'id' | 'unit'>,
  trainerId: string,
): FloorActions {
  const author = authorFor(trainerId);
  const run = async (name: keyof FloorActions, args: unknown[]) => {
    const stored: StoredEntry[] = [];
    const append: Append = async (type, payload) => {
      const eventId = await appendToSession(journal, id, type, payload, author);
      stored.push({ id: eventId, type, payload } as StoredEntry);
      return eventId;
    };
    const action = actionsBy(append)[name] as (...given: unknown[]) => Promise<unknown>;
    try {
      return await action(...args);
    } finally {
      // Also where a later part of it failed: what was stored is there.
      offerUndo(id, stored, unit);
    }
  };
  const names = Object.keys(actionsBy(() => Promise.resolve(''))) as (keyof FloorActions)[];
  // Each does what the action of its name does.
  return Object.fromEntries(
    names.map((name) => [name, (...args: unknown[]) => run(name, args)]),
  ) as unknown as FloorActions;
}
