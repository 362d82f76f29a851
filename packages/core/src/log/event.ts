/** What events tell of: each stream is a log of its own, named by the id of the thing it is about. */
export type StreamKind = 'session' | 'block';

/** What every event carries besides its type and payload. */
export interface Envelope<S extends string = string> {
  /** UUIDv7 made on the device; ids order the log. */
  id: string;
  stream: S;
  streamId: string;
  /** The device's time, ISO 8601 in UTC. */
  at: string;
  /** The trainer's id. */
  author: string;
  /** The device's id. */
  device: string;
}

/** Any entry of any append-only log, of a type that this version may not know. */
export interface LogEvent extends Envelope {
  type: string;
  payload: unknown;
}

/** The entries of a stream whose payloads are known by type. */
export type EventsOf<S extends string, Payloads> = {
  [T in keyof Payloads]: Envelope<S> & { type: T; payload: Payloads[T] };
}[keyof Payloads];

/** The same text for events of the same stream. */
export const streamKey = ({ stream, streamId }: Pick<Envelope, 'stream' | 'streamId'>): string =>
  `${stream}/${streamId}`;

/**
 * An event as this version has it, whichever version stored it: logs of the first told of sessions only, and named
 * them by `sessionId`.
 */
export function ofThisVersion(stored: object): object {
  if (!('sessionId' in stored)) return stored;
  const { sessionId, ...event } = stored;
  return { ...event, stream: 'session', streamId: sessionId };
}
