import {
  streamMessage,
  type AnswerOf,
  type Call,
  type RouteName,
  type StreamMessage,
} from '@spalo/contract';
import { createStore, type StoreApi } from 'zustand/vanilla';
import { ApiProblem, Unreachable } from '../api/call';
import { waitingEntries, type Journal } from './journal';
import type { Change } from './journal-store';
import { parcels, type Parcel } from './outbox';

export type Connection = 'connecting' | 'online' | 'offline' | 'signed out';

/** How the device asks the server; the real one is `call`. */
export type Caller = <N extends RouteName>(name: N, args: Call<N>) => Promise<AnswerOf<N>>;

export interface Sync {
  state: StoreApi<{ connection: Connection }>;
  /** Sends all that waits, in order. Runs once at a time; resolves when nothing more can be sent now. */
  flush(): Promise<void>;
  /** Fetches what the server has and this device lacks. */
  pull(): Promise<void>;
  /** Acts on a message of the stream; answers which resource changed, if one did. */
  hear(data: string): Promise<Extract<StreamMessage, { kind: 'changed' }>['what'] | null>;
}

const CURSOR = 'cursor';

/** `refresh` fetches anew what a change has touched; until then the device shows its own copy of the change. */
export function makeSync(
  journal: Journal,
  call: Caller,
  refresh: (route: Change['route']) => Promise<unknown> = async () => undefined,
): Sync {
  const state = createStore<{ connection: Connection }>(() => ({ connection: 'connecting' }));
  let flushing: Promise<void> | null = null;
  let pulling: Promise<void> | null = null;

  const failed = (error: unknown) => {
    if (error instanceof Unreachable) state.setState({ connection: 'offline' });
    else if (error instanceof ApiProblem && error.problem.status === 401) {
      state.setState({ connection: 'signed out' });
    } else if (
      error instanceof ApiProblem &&
      (error.problem.status >= 500 || error.problem.status === 429)
    ) {
      state.setState({ connection: 'offline' });
    } else throw error;
  };

  const post = async (parcel: Parcel) => {
    if (parcel.kind === 'events') {
      await call('appendEvents', { body: { events: parcel.events } });
      await journal.settle(parcel.ids, 'sent');
    } else {
      await call(parcel.change.route, parcel.change.args as never);
      await refresh(parcel.change.route);
      await journal.settle([parcel.id], 'sent');
    }
  };

  /** A refused parcel of several events is sent one by one, so that one bad event holds back no good one. */
  const postAll = async (list: Parcel[]): Promise<void> => {
    for (const parcel of list) {
      try {
        await post(parcel);
        state.setState({ connection: 'online' });
      } catch (error) {
        const refused =
          error instanceof ApiProblem &&
          error.problem.status < 500 &&
          ![401, 429].includes(error.problem.status);
        if (!refused) throw error;
        if (parcel.kind === 'events' && parcel.events.length > 1) {
          await postAll(
            parcel.events.map((event) => ({ kind: 'events', ids: [event.id], events: [event] })),
          );
        } else {
          const ids = parcel.kind === 'events' ? parcel.ids : [parcel.id];
          await journal.settle(ids, 'refused', error.message);
        }
      }
    }
  };

  const flushOnce = async () => {
    try {
      for (;;) {
        const waiting = waitingEntries(journal.state.getState());
        if (waiting.length === 0) return;
        await postAll(parcels(waiting));
      }
    } catch (error) {
      failed(error);
    }
  };

  /** The first time: what is on the floor now, and where the log stands. */
  const pullLive = async (): Promise<string> => {
    const live = await call('liveEvents', {});
    await journal.receive(live.events);
    return live.cursor;
  };

  const pullOnce = async () => {
    try {
      let cursor = (await journal.note.readNote(CURSOR)) ?? (await pullLive());
      for (let more = true; more;) {
        const page: AnswerOf<'events'> = await call('events', { query: { after: cursor } });
        await journal.receive(page.events);
        cursor = page.cursor;
        more = page.more;
      }
      await journal.note.writeNote(CURSOR, cursor);
      state.setState({ connection: 'online' });
    } catch (error) {
      failed(error);
    }
  };

  return {
    state,
    flush() {
      flushing ??= flushOnce().finally(() => {
        flushing = null;
      });
      return flushing;
    },
    pull() {
      pulling ??= pullOnce().finally(() => {
        pulling = null;
      });
      return pulling;
    },
    async hear(data) {
      const message = streamMessage.parse(JSON.parse(data));
      if (message.kind === 'changed') return message.what;
      // A pull that runs already may have asked before this message's events were there.
      await pulling;
      await this.pull();
      return null;
    },
  };
}
