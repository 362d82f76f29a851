import { streamKey, type LogEvent } from '@spalo/core/log';
import type { Entry } from './journal-store';

/** The events among some entries. */
export const eventsOf = (entries: Iterable<Entry>): LogEvent[] =>
  [...entries].flatMap((entry) => (entry.kind === 'event' ? [entry.event] : []));

interface Held {
  entries: ReadonlyMap<string, Entry>;
}

/** What is to be sent, in the order in which it was made. */
export const waitingEntries = ({ entries }: Held): Entry[] =>
  [...entries.values()]
    .filter((entry) => entry.state === 'waiting')
    .sort((a, b) => (a.id < b.id ? -1 : 1));

export const refusedEntries = ({ entries }: Held): Entry[] =>
  [...entries.values()].filter((entry) => entry.state === 'refused');

const DAY_MS = 24 * 3600 * 1000;
/** Sent events of streams older than this leave the device; the server has them. A block goes on for weeks. */
const KEEP_DAYS: Record<string, number> = { session: 3, block: 120 };
const keptMs = (stream: string) => (KEEP_DAYS[stream] ?? 3) * DAY_MS;

/**
 * What may leave the device: streams whose every event was sent, and whose latest is old. A stream goes as a whole or
 * stays as a whole, or its state would be that of a part.
 */
export function stale(kept: readonly Entry[], nowMs: number): Entry[] {
  const staying = new Set(
    kept.flatMap((entry) => {
      if (entry.kind !== 'event') return [];
      const fresh = Date.parse(entry.event.at) >= nowMs - keptMs(entry.event.stream);
      return entry.state !== 'sent' || fresh ? [streamKey(entry.event)] : [];
    }),
  );
  return kept.filter((entry) => entry.kind === 'event' && !staying.has(streamKey(entry.event)));
}
