import type { SessionState } from '@spalo/core/session';
import { authorFor, journal } from '../../../state/device';
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

type Actions = ReturnType<typeof actionsBy>;

/** Each action, done once what it stores is on the device. */
export type FloorActions = {
  [A in keyof Actions]: (
    ...args: Parameters<Actions[A]>
  ) => Promise<Awaited<ReturnType<Actions[A]>>>;
};

/** Only the names of actions are asked of it. */
const noAppend: Append = Object.assign(() => '', {
  change: () => undefined,
  onceStored: () => undefined,
});

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
    const batch = journal.batch(author);
    const stored: StoredEntry[] = [];
    const after: (() => void)[] = [];
    const append: Append = (type, payload) => {
      const eventId = batch.append({ stream: 'session', streamId: id, type, payload });
      stored.push({ id: eventId, type, payload } as StoredEntry);
      return eventId;
    };
    append.change = batch.change;
    append.onceStored = (each) => after.push(each);
    const action = actionsBy(append)[name] as (...given: unknown[]) => unknown;
    const answer = await action(...args);
    await batch.keep();
    for (const each of after) each();
    offerUndo(id, stored, unit);
    return answer;
  };
  const names = Object.keys(actionsBy(noAppend)) as (keyof FloorActions)[];
  // Each does what the action of its name does.
  return Object.fromEntries(
    names.map((name) => [name, (...args: unknown[]) => run(name, args)]),
  ) as unknown as FloorActions;
}
