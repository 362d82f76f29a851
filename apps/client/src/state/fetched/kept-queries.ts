import {
  experimental_createQueryPersister as createPersister,
  type AsyncStorage,
  type PersistedQuery,
} from '@tanstack/query-persist-client-core';
import { nowMs } from '@spalo/core/unit';
import {
  hashKey,
  type Query,
  type QueryClient,
  type QueryFunction,
  type QueryFunctionContext,
  type QueryKey,
} from '@tanstack/react-query';
import { FETCHED } from './upgrade-fetched';

const DAY_MS = 24 * 3600 * 1000;
/** How long the device can work from what it fetched last. */
export const OFFLINE_DAYS_MS = 14 * DAY_MS;
/** How long a change waits for others before it is written. */
const GATHER_MS = 1000;

/** Where records rest: on the device, IndexedDB; in tests, memory. A record a query, under its hash. */
export type RecordStore = Required<AsyncStorage<PersistedQuery>> & {
  /** The keys alone: nothing of the records is read for them. */
  keys(): Promise<string[]>;
};

interface Stores {
  /** What a start reads: lists, and the pasts of those who may come. */
  atStart: RecordStore;
  /** What grows with a client's years, read when a screen asks for it. */
  whenAsked: RecordStore;
}

/** The kinds of query that rest in `whenAsked`; theirs is the `persister` of `keepQueries`. */
const ASKED_FOR: ReadonlySet<unknown> = new Set(['evidence', 'sessions']);
/** Whom a link is for is for nobody who opens this browser later. */
const NOT_KEPT: ReadonlySet<unknown> = new Set(['link']);

type Keyed = Pick<PersistedQuery, 'queryKey'>;

const isOf = ({ queryKey }: Keyed, kinds: ReadonlySet<unknown>): boolean => kinds.has(queryKey[0]);

const PREFIX = 'query';
const keyOf = (queryHash: string) => `${PREFIX}-${queryHash}`;
const keyIn = (key: string) => JSON.parse(key.slice(PREFIX.length + 1)) as QueryKey;

const storeFor = ({ atStart, whenAsked }: Stores, query: Keyed): RecordStore =>
  isOf(query, ASKED_FOR) ? whenAsked : atStart;

const persisterOf = (storage: RecordStore, maxAge: number) =>
  createPersister<PersistedQuery>({
    storage,
    serialize: (record) => record,
    deserialize: (record) => record,
    buster: FETCHED,
    maxAge,
    prefix: PREFIX,
    refetchOnRestore: 'always',
  });

/** Records as this version writes them, of what an older one kept as one text. */
export async function takeOver(
  stores: Stores,
  queries: readonly Omit<PersistedQuery, 'buster'>[],
): Promise<void> {
  for (const { queryKey, state } of queries) {
    const record = { buster: FETCHED, queryKey, queryHash: hashKey(queryKey), state };
    await storeFor(stores, record).setItem(keyOf(record.queryHash), record);
  }
}

/**
 * Keeps each query's answer in a record of its own, for a start without network: what changes is written, and nothing
 * else. A query that failed since, for want of network, still holds what it had. `onTrouble` is told what the device
 * would not keep.
 */
export function keepQueries(
  client: QueryClient,
  stores: Stores,
  onTrouble: (error: unknown) => void,
) {
  const { atStart, whenAsked } = stores;
  const start = persisterOf(atStart, Infinity);
  const asked = persisterOf(whenAsked, OFFLINE_DAYS_MS);
  const written = new WeakMap<Query, unknown>();
  const changed = new Set<Query>();
  const cache = client.getQueryCache();
  let timer: ReturnType<typeof setTimeout> | undefined;
  const trying = (work: Promise<unknown>): Promise<unknown> => work.catch(onTrouble);

  /** Writes what has changed since it was last called. */
  async function flush(): Promise<void> {
    clearTimeout(timer);
    timer = undefined;
    const now = [...changed];
    changed.clear();
    for (const query of now) written.set(query, query.state.data);
    const persisterFor = (query: Query) => (isOf(query, ASKED_FOR) ? asked : start);
    await trying(Promise.all(now.map((query) => persisterFor(query).persistQuery(query))));
  }

  function follow(): () => void {
    return cache.subscribe((event) => {
      const { query } = event;
      if (isOf(query, NOT_KEPT)) return;
      if (event.type === 'removed') {
        changed.delete(query);
        void trying(Promise.resolve(storeFor(stores, query).removeItem(keyOf(query.queryHash))));
      }
      if (event.type !== 'updated' || event.action.type !== 'success') return;
      if (written.get(query) === query.state.data) return;
      changed.add(query);
      timer ??= setTimeout(() => void flush(), GATHER_MS);
    });
  }

  async function forgetWhere(isGone: (queryKey: QueryKey) => boolean): Promise<void> {
    for (const store of [atStart, whenAsked]) {
      const gone = (await store.keys()).filter((key) => isGone(keyIn(key)));
      await Promise.all(gone.map((key) => store.removeItem(key)));
    }
  }

  /** Lets go of every record. */
  async function forgetAll(): Promise<void> {
    changed.clear();
    await forgetWhere(() => true);
  }

  /** For queries of the kinds that a start does not read: their record first, and the server's answer after it. */
  async function persister<T, K extends QueryKey>(
    queryFn: QueryFunction<T, K>,
    context: QueryFunctionContext<K>,
    query: Query,
  ): Promise<T> {
    if (query.state.data !== undefined) return queryFn(context);
    const data = await asked.retrieveQuery<T>(query.queryHash, ({ state }) => {
      query.setState({ dataUpdatedAt: state.dataUpdatedAt });
      // Its failure stands in the query's state, for the screen that asked.
      query.fetch().catch(() => undefined);
    });
    if (data === undefined) return queryFn(context);
    written.set(query, data);
    return data;
  }

  return {
    flush,
    persister,

    /** Brings into the cache what a start needs, unless all of it is too old; keeps what is fetched from now on. */
    async restore(): Promise<() => void> {
      await trying(start.restoreQueries(client));
      const times = cache.getAll().map(({ state }) => state.dataUpdatedAt);
      if (times.length > 0 && Math.max(...times) < nowMs() - OFFLINE_DAYS_MS) {
        client.clear();
        await trying(forgetAll());
      }
      for (const query of cache.getAll()) written.set(query, query.state.data);
      return follow();
    },

    /** Lets go of the records of some clients, also of those that were never asked for since the start. */
    forget: (clientIds: ReadonlySet<unknown>) =>
      forgetWhere(([, clientId]) => clientIds.has(clientId)),

    forgetAll,
  };
}
