import { ofThisVersion, type LogEvent } from '@spalo/core';
import { createStore, delMany, entries, get, set, setMany } from 'idb-keyval';
import type { Change } from '../changes/changes';

/** waiting: to be sent; sent: the server has it; refused: the server will not have it, and says why. */
export type EntryState = 'waiting' | 'sent' | 'refused';

/** One thing kept on the device. Ids are UUIDv7, so that their order is the order of making. */
export type Entry = { id: string; state: EntryState; refusal?: string } & (
  { kind: 'event'; event: LogEvent } | { kind: 'change'; change: Change }
);

/** Where entries rest: on the device, IndexedDB; in tests, memory. */
export interface JournalStore {
  all(): Promise<Entry[]>;
  put(entries: Entry[]): Promise<void>;
  remove(ids: string[]): Promise<void>;
  readNote(key: string): Promise<string | undefined>;
  writeNote(key: string, value: string): Promise<void>;
}

/** An entry as this version has it, whichever version stored it. */
const entryToday = (entry: Entry): Entry =>
  entry.kind === 'event' ? { ...entry, event: ofThisVersion(entry.event) as LogEvent } : entry;

export function indexedDbJournal(): JournalStore {
  const journal = createStore('spalo-journal', 'entries');
  const notes = createStore('spalo-notes', 'notes');
  return {
    async all() {
      return (await entries<string, Entry>(journal)).map(([, entry]) => entryToday(entry));
    },
    put: (list) =>
      setMany(
        list.map((entry) => [entry.id, entry]),
        journal,
      ),
    remove: (ids) => delMany(ids, journal),
    readNote: (key) => get<string>(key, notes),
    writeNote: (key, value) => set(key, value, notes),
  };
}

export function memoryJournal(): JournalStore {
  const kept = new Map<string, Entry>();
  const notes = new Map<string, string>();
  return {
    all: async () => [...kept.values()].map(entryToday),
    put: async (list) => list.forEach((entry) => kept.set(entry.id, entry)),
    remove: async (ids) => ids.forEach((id) => kept.delete(id)),
    readNote: async (key) => notes.get(key),
    writeNote: async (key, value) => void notes.set(key, value),
  };
}
