import type { Envelope, LogEvent } from './event';

/** What each type of event does to a state, in place. */
export type Steps<State, Payloads> = {
  [T in keyof Payloads]: (state: State, payload: Payloads[T], event: Envelope) => void;
};

type Step<State> = (state: State, payload: unknown, event: Envelope) => void;

/** One copy of each event, in the order of their ids, which is the order of their making. */
export function orderedLog<E extends Pick<LogEvent, 'id'>>(events: readonly E[]): E[] {
  const byId = new Map(events.map((event) => [event.id, event]));
  return [...byId.values()].sort((a, b) => (a.id < b.id ? -1 : 1));
}

/**
 * Takes a log into a state, in order. A type that the steps do not know, as of a later version, is passed over: it
 * stays in the log for whoever knows it.
 */
export function applyLog<State, Payloads>(
  state: State,
  log: readonly LogEvent[],
  steps: Steps<State, Payloads>,
): State {
  const known = new Map(Object.entries(steps)) as Map<string, Step<State>>;
  for (const event of log) known.get(event.type)?.(state, event.payload, event);
  return state;
}
