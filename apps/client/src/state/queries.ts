import type { OwnLift } from '@spalo/core/technique';
import { nothingLearned, type StudioLearned } from '@spalo/coaching';
import type { Booking, ListedClient, Template } from '@spalo/contract';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { call } from '../api/call';
import { journal } from './device';
import { forgetFetched, kept, queryClient } from './query-client';
import { overlayBookings } from './resources/bookings';
import { overlayClients } from './resources/clients';
import { overlayOwnLifts } from './resources/own-lifts';
import { overlayTemplates } from './resources/templates';
import { overlayRooms } from './resources/rooms';
import { takeRatios } from './strength';
import { useFinishedSessions, useSessions, useWaitingChanges } from './use-journal';

export const useAccount = () =>
  useQuery({ queryKey: ['me'], queryFn: () => call('me', {}), staleTime: 5 * 60_000 });

export const useSetup = () => useQuery({ queryKey: ['setup'], queryFn: () => call('setup', {}) });

/** All rooms, with what this device has changed and not yet sent. */
export function useRooms() {
  const query = useQuery({
    queryKey: ['rooms'],
    queryFn: async () => (await call('rooms', {})).rooms,
  });
  const waiting = useWaitingChanges();
  const rooms = useMemo(
    () => query.data && overlayRooms(query.data, waiting),
    [query.data, waiting],
  );
  return { ...query, data: rooms };
}

const noLifts: readonly OwnLift[] = [];

/** What the studio teaches of its own, with what this device has changed and not yet sent; nothing until it is known. */
export function useOwnLifts(): readonly OwnLift[] {
  const query = useQuery({
    queryKey: ['own-lifts'],
    queryFn: async () => (await call('ownLifts', {})).lifts,
  });
  const waiting = useWaitingChanges();
  return useMemo(() => {
    const lifts = overlayOwnLifts(query.data ?? noLifts, waiting);
    return lifts.length > 0 ? lifts : noLifts;
  }, [query.data, waiting]);
}

/** Sessions and blocks that the studio keeps for other clients; none until they are known. */
export function useTemplates(): readonly Template[] {
  const query = useQuery({
    queryKey: ['templates'],
    queryFn: async () => (await call('templates', {})).templates,
  });
  const waiting = useWaitingChanges();
  return useMemo(() => overlayTemplates(query.data ?? [], waiting), [query.data, waiting]);
}

export const useTrainers = () =>
  useQuery({ queryKey: ['trainers'], queryFn: async () => (await call('trainers', {})).trainers });

/** Long: what a studio learns from its clients moves slowly. */
const LEARNED_MS = 30 * 60_000;

/** What the studio has learned from all its clients; nothing until it is known. */
export function useLearned(): StudioLearned {
  const { data = nothingLearned } = useQuery({
    queryKey: ['learned'],
    queryFn: () => call('studioLearned', {}),
    staleTime: LEARNED_MS,
  });
  return data;
}

/** All clients as the server lists them. */
export const useServedClients = () =>
  useQuery({
    queryKey: ['clients'],
    queryFn: async () => {
      const before = queryClient.getQueryData<ListedClient[]>(['clients']) ?? [];
      const { clients, erased } = await call('clients', {});
      const listed = new Set([...erased, ...clients.map(({ id }) => id)]);
      // Somebody else coaches them from now on; what waits to be sent is not lost for that.
      const closed = before.map(({ id }) => id).filter((id) => !listed.has(id));
      await journal.forgetClients(erased);
      if (closed.length > 0) await journal.forgetClients(closed, false);
      forgetFetched([...erased, ...closed]);
      // Films rest in a store of their own, which is not opened where there are none to forget.
      if (erased.length > 0) void import('./film/film-files').then((f) => f.forgetFilms(erased));
      return clients;
    },
  });

/** The same with what this device has made and not yet sent. */
export function useClients() {
  const query = useServedClients();
  const waiting = useWaitingChanges();
  const finished = useFinishedSessions();
  const clients = useMemo<ListedClient[] | undefined>(
    () => query.data && overlayClients(query.data, waiting, finished),
    [query.data, waiting, finished],
  );
  // Before anything below is drawn from it.
  const { ratios } = useLearned();
  useMemo(() => takeRatios(ratios), [ratios]);
  return { ...query, data: clients };
}

/** Bookings that start from `from` to before `to` (ISO). */
export function useBookings(from: string, to: string, trainerId: string) {
  const query = useQuery({
    queryKey: ['bookings', from, to],
    queryFn: async () => (await call('bookings', { query: { from, to } })).bookings,
  });
  const waiting = useWaitingChanges();
  const sessions = useSessions();
  const bookings = useMemo<Booking[] | undefined>(() => {
    const overlaid = overlayBookings(query.data ?? [], waiting, sessions.values(), trainerId, {
      from,
      to,
    });
    // Days that were never fetched are unknown, not empty; what was booked here is known all the same.
    return query.data || (query.isError && overlaid.length > 0) ? overlaid : undefined;
  }, [query.data, query.isError, waiting, sessions, trainerId, from, to]);
  return { ...query, data: bookings };
}

/** Who sent what another wrote in a session. */
export const useSenders = (sessionId: string) =>
  useQuery({
    queryKey: ['senders', sessionId],
    queryFn: async () => (await call('sessionSenders', { params: { id: sessionId } })).senders,
  });

/** The latest sessions of a client from the server, with those that this device knows better. */
export function useClientSessions(clientId: string) {
  const query = useQuery({
    queryKey: ['sessions', clientId],
    queryFn: () => call('clientSessions', { params: { id: clientId }, query: {} }),
    persister: kept.persister,
  });
  const local = useSessions();
  const sessions = useMemo(() => {
    if (!query.data && query.isPending) return undefined;
    const merged = new Map((query.data?.sessions ?? []).map((session) => [session.id, session]));
    for (const session of local.values()) {
      if (session.clientId === clientId) merged.set(session.id, session);
    }
    return [...merged.values()].sort((a, b) => (a.startedAt > b.startedAt ? -1 : 1));
  }, [query.data, query.isPending, local, clientId]);
  // Sessions that could not be fetched are unknown, not none.
  const partial = query.isError && !query.data;
  const known = partial && sessions?.length === 0 ? undefined : sessions;
  return { ...query, data: known, more: query.data?.more ?? false, partial };
}
