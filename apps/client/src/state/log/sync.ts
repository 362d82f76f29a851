import type { AnswerOf, Call, RouteName, StreamMessage } from '@spalo/contract';
import { createStore, type StoreApi } from 'zustand/vanilla';
import { ApiProblem, Unreachable } from '../../api/call';
import { send, type Change, type ChangeRoute } from '../changes/changes';
import { elapsedMs } from '../elapsed';
import { waitingEntries } from './entries';
import { useSignedIn } from '../signed-in';
import type { Journal } from './journal';
import { parcels, type Parcel } from './outbox';

export type Connection = 'connecting' | 'online' | 'offline' | 'signed out';

/** How the device asks the server; the real one is `call`. */
export type Caller = <N extends RouteName>(name: N, args: Call<N>) => Promise<AnswerOf<N>>;

type Changed = Extract<StreamMessage, { kind: 'changed' }>['what'];

const CURSOR = 'cursor';
/** Between two pulls that messages ask for: of all that a full studio logs in a second, each device fetches once. */
const PULL_GAP_MS = 1000;

/** Where the first pull began, and the page it has come to. */
const STARTING = 'starting';
/** Refusals that say nothing about what was sent: sign in again, wait a little. */
const NOT_ITS_FAULT = [401, 429];

const isRefusal = (error: unknown): error is ApiProblem =>
  error instanceof ApiProblem &&
  error.problem.status < 500 &&
  !NOT_ITS_FAULT.includes(error.problem.status);

/** What was to be taken away is not there: it was, and the answer was lost, or another was first. */
const isGoneAlready = (parcel: Parcel, { problem }: ApiProblem): boolean =>
  parcel.kind === 'change' && parcel.change.route.startsWith('delete') && problem.status === 404;

/** What a failure says about the connection; null for one that says nothing about it. */
function connectionAfter(error: unknown): Connection | null {
  if (error instanceof Unreachable) return 'offline';
  if (!(error instanceof ApiProblem)) return null;
  const { status } = error.problem;
  if (status === 401) return 'signed out';
  return status >= 500 || status === 429 ? 'offline' : null;
}

/** Sends what waits on this device, and fetches what it lacks. */
export class Sync {
  readonly state: StoreApi<{ connection: Connection }> = createStore<{ connection: Connection }>(
    () => ({ connection: 'connecting' }),
  );
  private flushing: Promise<void> | null = null;
  private pulling: Promise<void> | null = null;
  /** One that messages have asked for, and that has not begun. */
  private nextPull: Promise<void> | null = null;
  private pulledAt = -Infinity;
  /** How far this tab has fetched, and for whom. */
  private reached: { holder: string | null; cursor: string } | null = null;

  /** `refresh` fetches anew what a change has touched; until then the device shows its own copy of the change. */
  constructor(
    private readonly journal: Journal,
    private readonly call: Caller,
    private readonly refresh: (route: ChangeRoute) => Promise<unknown>,
  ) {}

  /** Sends all that waits, in order. Runs once at a time; resolves when nothing more can be sent now. */
  flush(): Promise<void> {
    this.flushing ??= this.flushOnce().finally(() => {
      this.flushing = null;
    });
    return this.flushing;
  }

  /** Fetches what the server has and this device lacks. */
  pull(): Promise<void> {
    this.pulling ??= this.pullOnce().finally(() => {
      this.pulling = null;
      this.pulledAt = elapsedMs();
    });
    return this.pulling;
  }

  /** Acts on a message of the stream; answers which resource changed, if one did. */
  async hear(data: string): Promise<Changed | null> {
    const message = JSON.parse(data) as StreamMessage;
    if (message.kind === 'changed') return message.what;
    if (message.kind === 'signed-in') {
      useSignedIn.setState({ heard: message });
      return null;
    }
    this.nextPull ??= this.pullNext();
    await this.nextPull;
    return null;
  }

  /** The pull after the one that runs, which may have asked before a message's events were there; not at once after it. */
  private async pullNext(): Promise<void> {
    await this.pulling;
    const early = PULL_GAP_MS - (elapsedMs() - this.pulledAt);
    if (early > 0) await new Promise((resolve) => setTimeout(resolve, early));
    // What is heard from here on is asked for by the next.
    this.nextPull = null;
    await this.pull();
  }

  private failed(error: unknown): void {
    const connection = connectionAfter(error);
    if (!connection) throw error;
    this.state.setState({ connection });
  }

  /** Whether the journal is still whose it is now: what waits for one account is never sent by the next. */
  private sameHolder(): () => boolean {
    const { holder } = this.journal.state.getState();
    return () => this.journal.state.getState().holder === holder;
  }

  private async flushOnce(): Promise<void> {
    const isTheirs = this.sameHolder();
    try {
      while (isTheirs()) {
        const waiting = waitingEntries(this.journal.state.getState());
        if (waiting.length === 0) return;
        await this.postAll(parcels(waiting), isTheirs);
      }
    } catch (error) {
      this.failed(error);
    }
  }

  /** A refused parcel of several events is sent one by one, so that one bad event holds back no good one. */
  private async postAll(list: readonly Parcel[], isTheirs: () => boolean): Promise<void> {
    for (const parcel of list) {
      if (!isTheirs()) return;
      try {
        await this.post(parcel);
        this.state.setState({ connection: 'online' });
      } catch (error) {
        if (!isRefusal(error)) throw error;
        if (parcel.kind === 'events' && parcel.events.length > 1) {
          await this.postAll(
            parcel.events.map((event) => ({ kind: 'events', ids: [event.id], events: [event] })),
            isTheirs,
          );
        } else {
          const ids = parcel.kind === 'events' ? parcel.ids : [parcel.id];
          if (isGoneAlready(parcel, error)) await this.journal.settle(ids, 'sent');
          else await this.journal.settle(ids, 'refused', error.message);
        }
      }
    }
  }

  private async post(parcel: Parcel): Promise<void> {
    if (parcel.kind === 'events') {
      await this.call('appendEvents', { body: { events: parcel.events } });
      await this.journal.settle(parcel.ids, 'sent');
      return;
    }
    await send(this.call, parcel.change);
    await this.refresh(parcel.change.route);
    await this.journal.settle([parcel.id], 'sent');
  }

  private async pullOnce(): Promise<void> {
    // What was fetched for one account is never taken in for the next.
    const isTheirs = this.sameHolder();
    try {
      const noted = await this.journal.note.readNote(CURSOR);
      // Another tab writes the same note: what that one has fetched, this one has not.
      const { holder } = this.journal.state.getState();
      const own = this.reached?.holder === holder ? this.reached.cursor : noted;
      let cursor = noted === undefined || own === undefined ? await this.pullLive(isTheirs) : own;
      for (let more = true; more;) {
        const page: AnswerOf<'events'> = await this.call('events', { query: { after: cursor } });
        if (!isTheirs()) return;
        await this.journal.receive(page.events);
        cursor = page.cursor;
        more = page.more;
      }
      if (!isTheirs()) return;
      this.reached = { holder, cursor };
      await this.journal.note.writeNote(CURSOR, cursor);
      this.state.setState({ connection: 'online' });
    } catch (error) {
      this.failed(error);
    }
  }

  /**
   * The first time: what is on the floor now, page by page. Answers where the log stood when this began; a device that is
   * cut off goes on with the page that it had not got.
   */
  private async pullLive(isTheirs: () => boolean): Promise<string> {
    const { note } = this.journal;
    let [cursor, after] = ((await note.readNote(STARTING)) ?? '').split(' ') as [string, string?];
    for (;;) {
      const page: AnswerOf<'liveEvents'> = await this.call('liveEvents', { query: { after } });
      if (!isTheirs()) return page.cursor;
      // Without a cursor the device has nothing yet, or its store was taken away while it was open.
      await this.journal.receive(page.events, true);
      cursor ||= page.cursor;
      if (!page.next) return cursor;
      after = page.next;
      await note.writeNote(STARTING, `${cursor} ${after}`);
    }
  }
}

export const makeSync = (
  journal: Journal,
  call: Caller,
  refresh: (route: Change['route']) => Promise<unknown> = async () => undefined,
): Sync => new Sync(journal, call, refresh);
