import type { EventPayloads, EventType } from '@spalo/core/session';
import type { ChangeOf } from '../../../state/changes/changes';

/**
 * Adds an event to what one tap stores in the session at hand, and answers its id. All of a tap is kept in one write when its
 * action is done, or nothing of it.
 */
export interface Append {
  <T extends EventType>(type: T, payload: EventPayloads[T]): string;
  /** Adds a change of a client's flag likewise. */
  change(change: ChangeOf<'putFlag'>): void;
  /** What is to be done once all of it is stored; not done where it could not be. */
  onceStored(run: () => void): void;
}
