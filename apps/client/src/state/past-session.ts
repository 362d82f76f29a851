import type { EventPayloads, EventType, LoggedSet, SessionState } from '@spalo/core/session';
import { call } from '../api/call';
import { authorFor, journal } from './device';
import { appendToSession } from './log/session-log';

/** A session on this device, fetched with its whole log where it is an older one. Needs the network then. */
export async function bringSession(sessionId: string): Promise<SessionState> {
  const held = journal.state.getState().streams.session.get(sessionId);
  if (held) return held;
  const { events } = await call('sessionEvents', { params: { id: sessionId } });
  await journal.receive(events);
  const session = journal.state.getState().streams.session.get(sessionId);
  if (!session) throw new Error('The session is not on the server any more');
  return session;
}

/** A set of a session, past or open, as it stands. */
export async function findSet(sessionId: string, setId: string): Promise<LoggedSet> {
  const session = await bringSession(sessionId);
  const set = session.lifts.flatMap((lift) => lift.sets).find((each) => each.id === setId);
  if (!set) throw new Error('The set is not in its session');
  return set;
}

/** What can be changed of a set that was logged. */
export type SetChange = 'set.corrected' | 'set.judged' | 'set.voided' | 'set.told-apart';

/** Adds an event to a session, past or open. */
export async function addToSession<T extends EventType>(
  sessionId: string,
  trainerId: string,
  type: T,
  payload: EventPayloads[T],
): Promise<void> {
  await bringSession(sessionId);
  await appendToSession(journal, sessionId, type, payload, authorFor(trainerId));
}

/** Corrects, judges, removes or brings back a set of any session; the correction keeps what it corrected. */
export async function changeSet<T extends SetChange>(
  sessionId: string,
  trainerId: string,
  type: T,
  payload: EventPayloads[T],
): Promise<void> {
  await addToSession(sessionId, trainerId, type, payload);
}

/** Answers again what a lift does next time, after its session: kept with that session's log. */
export async function decideAgainIn(
  sessionId: string,
  trainerId: string,
  answer: EventPayloads['suggestion.answered'],
): Promise<void> {
  await addToSession(sessionId, trainerId, 'suggestion.answered', answer);
}
