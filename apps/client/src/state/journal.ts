import {
  reduceSession,
  type EventPayloads,
  type EventType,
  type SessionEvent,
  type SessionState,
} from '@spalo/core';
import { createStore, type StoreApi } from 'zustand/vanilla';
import type { Change, Entry, JournalStore } from './journal-store';
import { orderedId } from './ids';

/** Sent events of sessions older than this leave the device; the server has them. */
const KEEP_MS = 3 * 24 * 3600 * 1000;

export interface JournalState {
  ready: boolean;
  entries: ReadonlyMap<string, Entry>;
  sessions: ReadonlyMap<string, SessionState>;
}

/** Who writes, and where. */
export interface Author {
  trainerId: string;
  device: string;
}

/** The device's copy of the log and its outbox. */
export interface Journal {
  state: StoreApi<JournalState>;
  load(nowMs: number): Promise<void>;
  /** Stores an event on the device; it shows, and is sent, only after that. Answers its id. */
  append<T extends EventType>(
    sessionId: string,
    type: T,
    payload: EventPayloads[T],
    author: Author,
  ): Promise<string>;
  change(change: Change): Promise<void>;
  /** Takes in events that the server has. */
  receive(events: readonly SessionEvent[]): Promise<void>;
  /** Marks entries as the server answered; changes that arrived are dropped. */
  settle(ids: readonly string[], state: 'sent' | 'refused', refusal?: string): Promise<void>;
  /** Lets go of all that is held of clients who were deleted for good. */
  forgetClients(clientIds: readonly string[]): Promise<void>;
  /** Puts refused entries back among the waiting ones. */
  retryRefused(): Promise<void>;
  note: Pick<JournalStore, 'readNote' | 'writeNote'>;
}

export const waitingEntries = (state: JournalState): Entry[] =>
  [...state.entries.values()]
    .filter((entry) => entry.state === 'waiting')
    .sort((a, b) => (a.id < b.id ? -1 : 1));

export const refusedEntries = (state: JournalState): Entry[] =>
  [...state.entries.values()].filter((entry) => entry.state === 'refused');

function eventsOf(entries: Iterable<Entry>, sessionId?: string): SessionEvent[] {
  const events: SessionEvent[] = [];
  for (const entry of entries) {
    if (entry.kind !== 'event') continue;
    if (sessionId === undefined || entry.event.sessionId === sessionId) events.push(entry.event);
  }
  return events;
}

export function makeJournal(store: JournalStore): Journal {
  const state = createStore<JournalState>(() => ({
    ready: false,
    entries: new Map(),
    sessions: new Map(),
  }));

  /** The latest id made here: what is made later sorts later, within a millisecond and across kinds. */
  let lastMade = '';
  const makeId = (after = '') => {
    lastMade = orderedId(Date.now(), after > lastMade ? after : lastMade);
    return lastMade;
  };

  /** Shows entries that are stored already, reducing the sessions they touch anew. */
  const show = (list: readonly Entry[]) => {
    const entries = new Map(state.getState().entries);
    const sessions = new Map(state.getState().sessions);
    // An entry that only changes its standing tells nothing new about its session.
    const fresh = list.filter((entry) => !entries.has(entry.id));
    for (const entry of list) entries.set(entry.id, entry);
    const touched = new Set(eventsOf(fresh).map((event) => event.sessionId));
    for (const sessionId of touched) {
      const reduced = reduceSession(eventsOf(entries.values(), sessionId));
      if (reduced) sessions.set(sessionId, reduced);
    }
    state.setState(touched.size > 0 ? { entries, sessions } : { entries });
  };
  const write = async (list: Entry[]) => {
    if (list.length === 0) return;
    await store.put(list);
    show(list);
  };

  return {
    state,
    note: store,

    async load(nowMs) {
      const kept = await store.all();
      for (const { id, state: standing } of kept) {
        if (standing === 'waiting' && id > lastMade) lastMade = id;
      }
      const waitingSessions = new Set(
        eventsOf(kept.filter((entry) => entry.state !== 'sent')).map((event) => event.sessionId),
      );
      const stale = kept.filter(
        (entry) =>
          entry.kind === 'event' &&
          entry.state === 'sent' &&
          !waitingSessions.has(entry.event.sessionId) &&
          Date.parse(entry.event.at) < nowMs - KEEP_MS,
      );
      const gone = new Set(stale.map((entry) => entry.id));
      // A session goes as a whole or stays as a whole, or its state would be that of a part.
      const keptSessions = new Set(
        eventsOf(kept.filter((entry) => !gone.has(entry.id))).map((event) => event.sessionId),
      );
      const removable = stale.filter(
        (entry) => entry.kind === 'event' && !keptSessions.has(entry.event.sessionId),
      );
      await store.remove(removable.map((entry) => entry.id));
      const removed = new Set(removable.map((entry) => entry.id));
      show(kept.filter((entry) => !removed.has(entry.id)));
      state.setState({ ready: true });
    },

    async append(sessionId, type, payload, { trainerId, device }) {
      const own = eventsOf(state.getState().entries.values(), sessionId);
      const last = own.reduce((latest, event) => (event.id > latest ? event.id : latest), '');
      const id = makeId(last);
      const at = new Date().toISOString();
      const event = { id, sessionId, at, author: trainerId, device, type, payload } as SessionEvent;
      await write([{ id, kind: 'event', event, state: 'waiting' }]);
      return id;
    },

    async change(change) {
      await write([{ id: makeId(), kind: 'change', change, state: 'waiting' }]);
    },

    async receive(events) {
      const { entries } = state.getState();
      const fresh = events.filter((event) => entries.get(event.id)?.state !== 'sent');
      await write(fresh.map((event) => ({ id: event.id, kind: 'event', event, state: 'sent' })));
    },

    async settle(ids, to, refusal) {
      const { entries } = state.getState();
      const settled = ids.flatMap((id) => entries.get(id) ?? []);
      const arrived = settled.filter((entry) => entry.kind === 'change' && to === 'sent');
      await write(
        settled
          .filter((entry) => !arrived.includes(entry))
          .map((entry) => ({ ...entry, state: to, ...(refusal !== undefined && { refusal }) })),
      );
      if (arrived.length === 0) return;
      await store.remove(arrived.map((entry) => entry.id));
      const left = new Map(state.getState().entries);
      for (const entry of arrived) left.delete(entry.id);
      state.setState({ entries: left });
    },

    async forgetClients(clientIds) {
      const { entries, sessions } = state.getState();
      const gone = new Set(clientIds);
      const lost = new Set(
        [...sessions.values()].filter(({ clientId }) => gone.has(clientId)).map(({ id }) => id),
      );
      const ids = [...entries.values()]
        .filter((entry) =>
          entry.kind === 'event'
            ? lost.has(entry.event.sessionId)
            : 'id' in entry.change.args.params && gone.has(entry.change.args.params.id),
        )
        .map((entry) => entry.id);
      if (ids.length === 0 && lost.size === 0) return;
      await store.remove(ids);
      const left = new Map(state.getState().entries);
      for (const id of ids) left.delete(id);
      const kept = new Map(state.getState().sessions);
      for (const id of lost) kept.delete(id);
      state.setState({ entries: left, sessions: kept });
    },

    async retryRefused() {
      await write(
        refusedEntries(state.getState()).map(({ refusal: _refusal, ...entry }) => ({
          ...entry,
          state: 'waiting',
        })),
      );
    },
  };
}
