import { nowMs } from '@spalo/core/unit';
import type { ListedClient } from '@spalo/contract';
import { useEffect } from 'react';
import { call } from '../api/call';
import { pastQuery } from './pasts';
import { useServedClients } from './queries';
import { queryClient } from './query-client';

const DAY_MS = 24 * 3600 * 1000;
/** Who is booked so soon, or came so lately, may well stand in the room when the network does not reach it. */
const BOOKED_DAYS = 3;
const LATE_DAYS = 14;
/** A history can be 100 kB, and all that is fetched is kept on the device. */
const MOST = 40;

/** Clients whose past is worth having on the device: who is booked first, then who came last. */
export function worthHaving(
  clients: readonly ListedClient[],
  booked: ReadonlySet<string>,
  nowMs: number,
): ListedClient[] {
  const last = ({ lastSessionAt }: ListedClient) => lastSessionAt ?? '';
  const since = new Date(nowMs - LATE_DAYS * DAY_MS).toISOString();
  const isBooked = ({ id }: ListedClient) => Number(booked.has(id));
  return clients
    .filter((client) => client.archivedAt === null)
    .filter((client) => booked.has(client.id) || last(client) > since)
    .sort((a, b) => isBooked(b) - isBooked(a) || (last(a) > last(b) ? -1 : 1))
    .slice(0, MOST);
}

async function bookedSoon(): Promise<Set<string>> {
  const now = nowMs();
  const from = new Date(now - DAY_MS).toISOString();
  const to = new Date(now + BOOKED_DAYS * DAY_MS).toISOString();
  const { bookings } = await call('bookings', { query: { from, to } });
  return new Set(bookings.map(({ clientId }) => clientId));
}

/** Fetches ahead, one by one, what sessions without network may need; what fails waits for the next time. */
export function useAhead(): void {
  const { data: clients } = useServedClients();
  useEffect(() => {
    if (!clients) return undefined;
    let isLeft = false;
    const run = async () => {
      const booked = await bookedSoon();
      for (const client of worthHaving(clients, booked, nowMs())) {
        if (isLeft) return;
        await queryClient.prefetchQuery(pastQuery(client));
      }
    };
    run().catch(() => undefined);
    return () => {
      isLeft = true;
    };
  }, [clients]);
}
