import { QueryClient, type Query } from '@tanstack/react-query';
import type { PersistedClient } from '@tanstack/react-query-persist-client';
import { createAsyncStoragePersister } from '@tanstack/query-async-storage-persister';
import { createStore as createIdb, del, get, set } from 'idb-keyval';
import { ApiProblem, Unreachable } from '../api/call';
import { fetchedToday } from './upgrade-fetched';

const DAY_MS = 24 * 3600 * 1000;
/** How long the device can work from what it fetched last. */
export const OFFLINE_DAYS_MS = 14 * DAY_MS;

export const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: 30_000,
      gcTime: OFFLINE_DAYS_MS,
      networkMode: 'always',
      retry: (count, error) =>
        !(error instanceof ApiProblem || error instanceof Unreachable) && count < 2,
    },
  },
});

const kept = createIdb('spalo-fetched', 'queries');

/** Keeps what was fetched in IndexedDB, for a start without network. */
export const persister = createAsyncStoragePersister({
  storage: {
    getItem: (key) => get<string>(key, kept).then((value) => value ?? null),
    setItem: (key, value) => set(key, value, kept),
    removeItem: (key) => del(key, kept),
  },
  deserialize: (text) => fetchedToday(JSON.parse(text) as PersistedClient),
});

/**
 * All that was ever fetched: a query that failed since, for want of network, still holds what it had. Not whom a link is
 * for: that is for nobody who opens this browser later.
 */
export const isWorthKeeping = ({ queryKey, state }: Query): boolean =>
  state.data !== undefined && queryKey[0] !== 'link';

/** Lets go of all that was fetched of clients who were deleted for good. */
export function forgetFetched(clientIds: readonly string[]): void {
  const gone = new Set<unknown>(clientIds);
  queryClient.removeQueries({ predicate: ({ queryKey }) => gone.has(queryKey[1]) });
}

/** Calls back, later, once something that was fetched has become another; answers how to stop that. */
export function onFetched(listener: () => void): () => void {
  const cache = queryClient.getQueryCache();
  const before = new Map(cache.getAll().map(({ queryHash, state }) => [queryHash, state.data]));
  let timer: ReturnType<typeof setTimeout> | undefined;
  const unsubscribe = cache.subscribe(({ type, query }) => {
    if (type !== 'updated' || query.state.data === before.get(query.queryHash)) return;
    before.set(query.queryHash, query.state.data);
    timer ??= setTimeout(listener);
  });
  // What could not be drawn asks for nothing any more: whatever of it is old is fetched for it.
  const isKnown = ({ options }: Query) => options.queryFn !== undefined;
  void queryClient.refetchQueries({ stale: true, type: 'all', predicate: isKnown });
  return () => {
    clearTimeout(timer);
    unsubscribe();
  };
}
