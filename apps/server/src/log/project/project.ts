import { streamKey, type LogEvent, type StreamKind } from '@spalo/core/log';
import type { StudioDb } from '../../db/database';
import type { Projected, Projector } from './projector';
import { blockProjector } from './block';
import { sessionProjector } from './session';

/** Who projects which stream. Streams of later versions wait in the log. */
export const projectors: Record<StreamKind, Projector> = {
  session: sessionProjector,
  block: blockProjector,
};
const rows = Object.entries(projectors);

/** The events of each stream. */
function logsByStream(events: readonly LogEvent[]): LogEvent[][] {
  const logs = new Map<string, LogEvent[]>();
  for (const event of events) {
    const key = streamKey(event);
    const log = logs.get(key);
    if (log) log.push(event);
    else logs.set(key, [event]);
  }
  return [...logs.values()];
}

/** Ids of the streams that have gone on by `fresh` events and are to be projected now. */
export async function streamsDue(
  db: StudioDb,
  studioId: string,
  fresh: readonly LogEvent[],
): Promise<string[]> {
  const due = new Set(fresh.map((event) => event.streamId));
  for (const [stream, projector] of rows) {
    const own = fresh.filter((event) => event.stream === stream);
    if (own.length === 0) continue;
    for (const id of await projector.defer(db, studioId, own)) due.delete(id);
  }
  return [...due];
}

/** Brings the projections of some whole logs level with them, in the caller's transaction. */
export async function projectLogs(
  db: StudioDb,
  studioId: string,
  events: readonly LogEvent[],
): Promise<Projected & { streams: number }> {
  const logs = logsByStream(events);
  const all: Projected = { messages: [], broken: [] };
  for (const [stream, projector] of rows) {
    const own = logs.filter(([first]) => first?.stream === stream);
    if (own.length === 0) continue;
    const { messages, broken } = await projector.project(db, studioId, own);
    all.messages.push(...messages);
    all.broken.push(...broken);
  }
  return { ...all, streams: logs.length };
}
