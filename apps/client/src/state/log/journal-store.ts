import { ofThisVersion, type LogEvent } from '@spalo/core/log';
import { countText } from '@spalo/core/unit';
import { clear, createStore, delMany, entries, get, set, setMany, type UseStore } from 'idb-keyval';
import type { Change } from '../changes/changes';
import { useProblem } from '../problems';

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
  clearNotes(): Promise<void>;
}

/** An entry as this version has it, whichever version stored it. */
const entryToday = (entry: Entry): Entry =>
  entry.kind === 'event' ? { ...entry, event: ofThisVersion(entry.event) as LogEvent } : entry;

const states: readonly unknown[] = ['waiting', 'sent', 'refused'] satisfies EntryState[];

/** Whether something that rests on the device is an entry at all: a half-written or foreign one must not blank a screen. */
export function isEntry(kept: unknown): kept is Entry {
  if (typeof kept !== 'object' || kept === null) return false;
  const { id, state, kind, event, change } = kept as Record<string, unknown>;
  const body = kind === 'event' ? event : kind === 'change' ? change : null;
  return (
    typeof id === 'string' && states.includes(state) && typeof body === 'object' && body !== null
  );
}

const unreadableText = (count: number) =>
  `${countText(count, 'thing')} that this device kept cannot be read and is left out. What the server has is whole.`;

/** The entries of a store as this version has them; what is none is left out, and said. */
async function readEntries(store: UseStore): Promise<Entry[]> {
  const kept = await entries<string, unknown>(store);
  const readable = kept.flatMap(([, entry]) => (isEntry(entry) ? [entryToday(entry)] : []));
  const lost = kept.length - readable.length;
  if (lost > 0) useProblem.setState({ problem: unreadableText(lost) });
  return readable;
}

/** The stores of one holder; those of versions before holders were told apart have no name of their own. */
const storesOf = (holder: string | null) => {
  const name = holder === null ? '' : `-${holder}`;
  return {
    journal: createStore(`spalo-journal${name}`, 'entries'),
    notes: createStore(`spalo-notes${name}`, 'notes'),
  };
};

/** What a device keeps for one trainer of one studio; another's entries rest in stores of their own and are never read. */
export function indexedDbJournal(holder: string): JournalStore {
  const { journal, notes } = storesOf(holder);
  return {
    async all() {
      return readEntries(journal);
    },
    put: (list) =>
      setMany(
        list.map((entry) => [entry.id, entry]),
        journal,
      ),
    remove: (ids) => delMany(ids, journal),
    readNote: (key) => get<string>(key, notes),
    writeNote: (key, value) => set(key, value, notes),
    clearNotes: () => clear(notes),
  };
}

/** Whether entries are of a trainer: one of their events is theirs, or there is no event that says whose they are. */
export function isTheirs(kept: readonly Entry[], trainerId: string): boolean {
  const events = kept.flatMap((entry) => (entry.kind === 'event' ? [entry.event] : []));
  return (
    kept.length > 0 && (events.length === 0 || events.some(({ author }) => author === trainerId))
  );
}

/** Takes over what a version kept that did not tell holders apart, where it is this trainer's. */
export async function adoptUnheld(store: JournalStore, trainerId: string): Promise<void> {
  const { journal, notes } = storesOf(null);
  const kept = await readEntries(journal);
  if (!isTheirs(kept, trainerId)) return;
  await store.put(kept);
  for (const [key, value] of await entries<string, string>(notes))
    await store.writeNote(key, value);
  await clear(journal);
  await clear(notes);
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
    clearNotes: async () => notes.clear(),
  };
}
