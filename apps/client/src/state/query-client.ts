import { QueryClient, type Query } from '@tanstack/react-query';
import { ApiProblem, Unreachable } from '../api/call';
import { deviceRecords } from './fetched/device-records';
import { keepQueries, OFFLINE_DAYS_MS } from './fetched/kept-queries';
import { useProblem } from './problems';

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

const saying = (what: string) => (error: unknown) => {
  const why = error instanceof Error ? error.message : 'the device refused';
  useProblem.setState({ problem: `${what}: ${why}.` });
};

/** Without network, what was fetched before is all there is; the trainer hears that it will not be there. */
export const sayNotKept = saying('What was fetched could not be kept for use without network');
const sayNotForgotten = saying('What this device had fetched could not be deleted from it');

export const kept = keepQueries(queryClient, deviceRecords, sayNotKept);

/** Lets go of all that was fetched of clients who were deleted for good. */
export function forgetFetched(clientIds: readonly string[]): void {
  const gone = new Set<unknown>(clientIds);
  if (gone.size === 0) return;
  queryClient.removeQueries({ predicate: ({ queryKey }) => gone.has(queryKey[1]) });
  kept.forget(gone).catch(sayNotForgotten);
}

/** Lets go of all that was fetched but what is for nobody in particular: on the device too. */
export async function forgetAllFetched(ofNobody: ReadonlySet<unknown> = new Set()): Promise<void> {
  queryClient.removeQueries({ predicate: ({ queryKey }) => !ofNobody.has(queryKey[0]) });
  await kept.forgetAll().catch(sayNotForgotten);
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
