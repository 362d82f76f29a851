import type { Client } from '@spalo/contract';
import { evidenceOf } from '@spalo/core/memory';
import type { PastSet } from '@spalo/core/strength';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { call } from '../api/call';
import { kept } from './query-client';
import { useSessions } from './use-journal';

/**
 * Every working set of a client: from the server, with the sessions that this device knows better laid over. Offline
 * and never fetched, the sets of the latest sessions are all there is.
 */
export function useEvidence(client: Client): PastSet[] | undefined {
  const { id } = client;
  const query = useQuery({
    queryKey: ['evidence', id],
    queryFn: async () => (await call('evidence', { params: { id } })).sets,
    persister: kept.persister,
  });
  const sessions = useSessions();
  const served = query.data ?? (query.isError ? client.history.evidence : undefined);
  return useMemo(() => {
    if (!served) return undefined;
    const own = [...sessions.values()].filter((session) => session.clientId === id);
    const here = new Set(own.map((session) => session.id));
    return [...served.filter((set) => !here.has(set.sessionId)), ...own.flatMap(evidenceOf)].sort(
      (a, b) => (a.at + a.id < b.at + b.id ? -1 : 1),
    );
  }, [served, sessions, id]);
}
