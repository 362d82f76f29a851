import { type LogEvent, streamKey } from '@spalo/core/log';
import { nowIso, nowMs } from '@spalo/core/unit';
import { createStore, type StoreApi } from 'zustand/vanilla';
import type { Change } from '../changes/changes';
import { withoutClients } from '../changes/without-clients';
import { eventsOf, refusedEntries, stale } from './entries';
import { orderedId } from './ids';
import { memoryJournal, type Entry, type JournalStore } from './journal-store';
import { reducers, type Reducers, type StatesOf } from './streams';

export interface JournalState<R extends Reducers = typeof reducers> {
  ready: boolean;
  /** Whose it is, as the device names its holders; null while nobody has opened it. */
  holder: string | null;
  entries: ReadonlyMap<string, Entry>;
  /** What the logs tell, by kind of stream and by what each is about. */
  streams: StatesOf<R>;
  /** Keys of streams that cannot be made sense of here: kept and sent all the same. */
  untold: ReadonlySet<string>;
}

/** Who writes, and where. */
export interface Author {
  trainerId: string;
  device: string;
}

const emptyStates = <R extends Reducers>(kinds: R): StatesOf<R> =>
  Object.fromEntries(
    Object.keys(kinds).map((kind) => [kind, new Map<string, never>()]),
  ) as unknown as StatesOf<R>;

/** An event as it is told, before it has an id and an author. */
export type NewEvent = Pick<LogEvent, 'stream' | 'streamId' | 'type' | 'payload'>;

/** Events and changes that are stored together. */
export interface Batch {
  /** Answers the id that the event will have. */
  append: (event: NewEvent) => string;
  change: (change: Change) => void;
  keep: () => Promise<void>;
}

/** The device's copy of the logs and its outbox. An entry is stored before it shows. */
export class Journal<R extends Reducers = typeof reducers> {
  readonly state: StoreApi<JournalState<R>>;
  /** The latest id made here: what is made later sorts later, within a millisecond and across kinds. */
  private lastMade = '';

  constructor(
    private store: JournalStore,
    private readonly kinds: R,
  ) {
    this.state = createStore<JournalState<R>>(() => ({
      ready: false,
      holder: null,
      entries: new Map(),
      streams: emptyStates(kinds),
      untold: new Set(),
    }));
  }

  /** Small things that the device remembers beside its entries. */
  get note(): Pick<JournalStore, 'readNote' | 'writeNote'> {
    return this.store;
  }

  /** Turns to what the device holds for somebody: nothing of another's is shown or sent from here on. */
  async open(holder: string, store: JournalStore, nowMs: number): Promise<void> {
    this.turnTo(holder, store);
    await this.load(nowMs);
  }

  /** Nobody's from here on: nothing more is shown, sent or stored of whose it was. */
  close(): void {
    this.turnTo(null, memoryJournal());
  }

  private turnTo(holder: string | null, store: JournalStore): void {
    this.store = store;
    this.lastMade = '';
    this.state.setState({
      ready: false,
      holder,
      entries: new Map(),
      streams: emptyStates(this.kinds),
      untold: new Set(),
    });
  }

  /** Lets go of all that the server has; what waits, or was refused, stays for its holder. */
  async forgetSent(): Promise<void> {
    const { store } = this;
    const entries = [...this.state.getState().entries.values()];
    await this.drop(entries.filter(({ state }) => state === 'sent').map(({ id }) => id));
    await store.clearNotes();
  }

  /** Takes in what the device holds; what is old and safely on the server leaves it. */
  async load(nowMs: number): Promise<void> {
    const { store } = this;
    const kept = await store.all();
    // Somebody else has opened theirs meanwhile: what was read is not for them.
    if (store !== this.store) return;
    for (const { id, state } of kept) {
      if (state === 'waiting' && id > this.lastMade) this.lastMade = id;
    }
    const gone = new Set(stale(kept, nowMs).map((entry) => entry.id));
    await store.remove([...gone]);
    if (store !== this.store) return;
    this.show(kept.filter((entry) => !gone.has(entry.id)));
    this.state.setState({ ready: true });
  }

  /** Stores an event on the device; it shows, and is sent, only after that. Answers its id. */
  async append(event: NewEvent, author: Author): Promise<string> {
    const entry = this.eventEntry(event, author);
    await this.write([entry]);
    return entry.id;
  }

  /** Stores a change of a resource on the device, to be sent. */
  async change(change: Change): Promise<void> {
    await this.write([this.changeEntry(change)]);
  }

  /** Gathers what belongs together, in its order; `keep` stores all of it in one write, or none. */
  batch(author: Author): Batch {
    const entries: Entry[] = [];
    return {
      append: (event) => {
        const entry = this.eventEntry(event, author);
        entries.push(entry);
        return entry.id;
      },
      change: (change) => entries.push(this.changeEntry(change)),
      keep: () => this.write(entries),
    };
  }

  private changeEntry(change: Change): Entry {
    return { id: this.makeId(), kind: 'change', change, state: 'waiting' };
  }

  private eventEntry(event: NewEvent, { trainerId: author, device }: Author): Entry {
    const own = eventsOf(this.state.getState().entries.values()).filter(
      (each) => streamKey(each) === streamKey(event),
    );
    const last = own.reduce((latest, each) => (each.id > latest ? each.id : latest), '');
    const id = this.makeId(last);
    const made = { id, ...event, at: nowIso(), author, device };
    return { id, kind: 'event', event: made, state: 'waiting' };
  }

  /** Takes in events that the server has; with `anew` also those that are shown already: the store may have lost them. */
  async receive(events: readonly LogEvent[], anew = false): Promise<void> {
    const { entries } = this.state.getState();
    const fresh = events.filter((event) => anew || entries.get(event.id)?.state !== 'sent');
    await this.write(fresh.map((event) => ({ id: event.id, kind: 'event', event, state: 'sent' })));
  }

  /** Marks entries as the server answered; changes that arrived are dropped. */
  async settle(ids: readonly string[], to: 'sent' | 'refused', refusal?: string): Promise<void> {
    const { entries } = this.state.getState();
    const settled = ids.flatMap((id) => entries.get(id) ?? []);
    const arrived = settled.filter((entry) => entry.kind === 'change' && to === 'sent');
    await this.write(
      settled
        .filter((entry) => !arrived.includes(entry))
        .map((entry) => ({ ...entry, state: to, ...(refusal !== undefined && { refusal }) })),
    );
    await this.drop(arrived.map((entry) => entry.id));
  }

  /** Lets go of all that is held of clients: those who were deleted for good, or without `alsoWaiting` of what the server has. */
  async forgetClients(clientIds: readonly string[], alsoWaiting = true): Promise<void> {
    const gone = new Set(clientIds);
    const entries = [...this.state.getState().entries.values()];
    // By the events themselves: what was taken back, or cannot be told, is theirs as well.
    const lost = new Set(
      eventsOf(entries)
        .filter((event) => gone.has(clientOf(event) ?? ''))
        .map(streamKey),
    );
    const kept = entries.flatMap((entry): Entry[] => {
      if (!alsoWaiting && entry.state !== 'sent') return [entry];
      if (entry.kind === 'event') return lost.has(streamKey(entry.event)) ? [] : [entry];
      const change = withoutClients(entry.change, gone);
      return change === null ? [] : change === entry.change ? [entry] : [{ ...entry, change }];
    });
    const ids = new Set(kept.map(({ id }) => id));
    await this.drop(entries.filter(({ id }) => !ids.has(id)).map(({ id }) => id));
    await this.write(kept.filter((entry) => !entries.includes(entry)));
  }

  /** Puts refused entries back among the waiting ones. */
  async retryRefused(): Promise<void> {
    await this.write(
      refusedEntries(this.state.getState()).map(({ refusal: _refusal, ...entry }) => ({
        ...entry,
        state: 'waiting',
      })),
    );
  }

  private makeId(after = ''): string {
    this.lastMade = orderedId(nowMs(), after > this.lastMade ? after : this.lastMade);
    return this.lastMade;
  }

  private async write(list: Entry[]): Promise<void> {
    if (list.length === 0) return;
    const { store } = this;
    await store.put(list);
    if (store === this.store) this.show(list);
  }

  /** Takes entries away, and with their last event what their streams told. */
  private async drop(ids: readonly string[]): Promise<void> {
    if (ids.length === 0) return;
    await this.store.remove([...ids]);
    const entries = new Map(this.state.getState().entries);
    const touched = eventsOf(ids.flatMap((id) => entries.get(id) ?? []));
    for (const id of ids) entries.delete(id);
    this.state.setState({ entries, ...this.retold(entries, touched) });
  }

  /** Shows entries that are stored already, reducing the streams they touch anew. */
  private show(list: readonly Entry[]): void {
    const before = this.state.getState().entries;
    const entries = new Map(before);
    // An entry that only changes its standing tells nothing new about its stream.
    const fresh = eventsOf(list.filter((entry) => !before.has(entry.id)));
    for (const entry of list) entries.set(entry.id, entry);
    if (fresh.length === 0) this.state.setState({ entries });
    else this.state.setState({ entries, ...this.retold(entries, fresh) });
  }

  /** What the streams tell, those that some events belong to told anew. One that cannot be told stops no other. */
  private retold(
    entries: ReadonlyMap<string, Entry>,
    touched: readonly LogEvent[],
  ): Pick<JournalState<R>, 'streams' | 'untold'> {
    const streams: Record<string, ReadonlyMap<string, object>> = {
      ...this.state.getState().streams,
    };
    const untold = new Set(this.state.getState().untold);
    const logs = new Map<string, LogEvent[]>(touched.map((event) => [streamKey(event), []]));
    for (const event of eventsOf(entries.values())) logs.get(streamKey(event))?.push(event);
    for (const { stream, streamId } of touched) {
      const key = streamKey({ stream, streamId });
      const log = logs.get(key);
      const reduce = this.kinds[stream];
      // A kind that a later version made is kept, and shown by that version.
      if (!log || !reduce) continue;
      logs.delete(key);
      const states = new Map(streams[stream]);
      const told = tell(reduce, log);
      if (told === undefined) untold.add(key);
      else untold.delete(key);
      if (told) states.set(streamId, told);
      // Taken back, or let go of.
      else if (told === null) states.delete(streamId);
      streams[stream] = states;
    }
    return { streams: streams as StatesOf<R>, untold };
  }
}

/** What a log tells; undefined where it cannot be made sense of. */
function tell(reduce: (log: readonly LogEvent[]) => object | null, log: readonly LogEvent[]) {
  try {
    return reduce(log);
  } catch {
    return undefined;
  }
}

/** The client whom an event that starts a stream names. */
const clientOf = ({ payload }: LogEvent): string | null =>
  typeof payload === 'object' && payload !== null && 'clientId' in payload
    ? String(payload.clientId)
    : null;

export const makeJournal = (store: JournalStore): Journal => new Journal(store, reducers);
