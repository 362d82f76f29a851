import type { EventPayloads, EventType } from '@spalo/core/session';
import type { Author, Journal } from './journal';

/** Adds an event to a session's log on this device. Answers the event's id. */
export const appendToSession = <T extends EventType>(
  journal: Pick<Journal, 'append'>,
  sessionId: string,
  type: T,
  payload: EventPayloads[T],
  author: Author,
): Promise<string> =>
  journal.append({ stream: 'session', streamId: sessionId, type, payload }, author);
