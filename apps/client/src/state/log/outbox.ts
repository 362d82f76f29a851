import { MAX_EVENTS } from '@spalo/contract/operations';
import type { LogEvent } from '@spalo/core/log';
import type { Change } from '../changes/changes';
import type { Entry } from './journal-store';

/** What goes out in one request: some events, or one change. */
export type Parcel =
  | { kind: 'events'; ids: string[]; events: LogEvent[] }
  | { kind: 'change'; id: string; change: Change };

/** Waiting entries in order, neighbouring events together: a client is sent before the session that needs them. */
export function parcels(waiting: readonly Entry[], most = MAX_EVENTS): Parcel[] {
  const list: Parcel[] = [];
  for (const entry of waiting) {
    const last = list.at(-1);
    if (entry.kind === 'change') list.push({ kind: 'change', id: entry.id, change: entry.change });
    else if (last?.kind === 'events' && last.events.length < most) {
      last.ids.push(entry.id);
      last.events.push(entry.event);
    } else list.push({ kind: 'events', ids: [entry.id], events: [entry.event] });
  }
  return list;
}
