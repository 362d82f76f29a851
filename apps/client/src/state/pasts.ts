import type { ClientPast, ListedClient } from '@spalo/contract';
import { emptyHistory, type TimeTaken } from '@spalo/core/memory';
import { queryOptions, useQueries, type UseQueryResult } from '@tanstack/react-query';
import { useMemo } from 'react';
import { call } from '../api/call';
import { useClients } from './queries';
import { queryClient } from './query-client';
import { MADE_HERE } from './resources/clients';
import { knownClient, type KnownClient } from './resources/known-client';
import { useFinishedSessions, useHeldBlocks } from './use-journal';

const nothing: ClientPast = { mark: MADE_HERE, history: emptyHistory, measurements: [] };

/** A client's past under the mark that the list gave it: it stands until the list gives another. */
export const pastQuery = ({ id, mark }: Pick<ListedClient, 'id' | 'mark'>) =>
  queryOptions({
    queryKey: ['past', id, mark],
    queryFn: async () => {
      const { history, measurements, blocks, ...read } = await call('client', { params: { id } });
      queryClient.removeQueries({
        queryKey: ['past', id],
        type: 'inactive',
        predicate: ({ queryKey }) => queryKey[2] !== mark,
      });
      return { mark: read.mark, history, measurements, ...(blocks && { blocks }) };
    },
    staleTime: Infinity,
    enabled: mark !== MADE_HERE,
    // Who was added here has none; kept, so that they stay known while the server's first word of them comes.
    ...(mark === MADE_HERE && { initialData: nothing }),
  });

/** The newest past of a client that this device has, under whatever mark. */
const latestPast = (id: string): ClientPast | undefined =>
  queryClient
    .getQueryCache()
    .findAll({ queryKey: ['past', id], predicate: ({ state }) => state.data !== undefined })
    .sort((a, b) => b.state.dataUpdatedAt - a.state.dataUpdatedAt)[0]?.state.data as
    ClientPast | undefined;

/**
 * How long the latest sessions of a trainer's clients took, one list a client, as far as this device has their pasts; without
 * those of one client, which count for themselves.
 */
export function timesOfTrainer(trainerId: string, except: string): TimeTaken[][] {
  const clients = queryClient.getQueryData<ListedClient[]>(['clients']) ?? [];
  return clients
    .filter(({ id }) => id !== except)
    .map(({ id }) =>
      (latestPast(id)?.history.times ?? []).filter((each) => each.trainerId === trainerId),
    )
    .filter((times) => times.length > 0);
}

const answers = (results: UseQueryResult<ClientPast>[]) =>
  results.map(({ data, isError }) => ({ data, isError }));

/** Some clients with their past, which is fetched where it is not here. Ids of nobody are left out. */
export function useKnownClients(ids: readonly string[]) {
  const query = useClients();
  const { data: clients } = query;
  const finished = useFinishedSessions();
  const held = useHeldBlocks();
  const key = [...new Set(ids)].sort().join();
  const wanted = useMemo(() => {
    const asked = new Set(key.split(','));
    return clients?.filter(({ id }) => asked.has(id)) ?? [];
  }, [clients, key]);
  const pasts = useQueries({ queries: wanted.map(pastQuery), combine: answers });
  const known = useMemo<KnownClient[] | undefined>(
    () =>
      clients &&
      wanted.map((client, at) => {
        const { data, isError } = pasts[at] ?? { data: undefined, isError: false };
        return knownClient(client, data ?? latestPast(client.id), isError, finished, held);
      }),
    [clients, wanted, pasts, finished, held],
  );
  return { ...query, data: known };
}

/** One client with their past: null for nobody, undefined where the clients are not known. */
export function useKnownClient(id: string | undefined) {
  const query = useKnownClients(id === undefined ? [] : [id]);
  return { ...query, data: query.data && (query.data[0] ?? null) };
}
