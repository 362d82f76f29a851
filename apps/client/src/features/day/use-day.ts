import type { Account, Booking } from '@spalo/contract';
import type { LoadsDraft, Room, Unit } from '@spalo/core';
import { useMemo } from 'react';
import { useNow } from '../../design/use-now';
import { roomToday } from '../../parts/room/room-today';
import { useRoomChoice } from '../../parts/room/use-room';
import { draftFor } from '../../parts/session/visit';
import { dayBounds } from '../../parts/time/day-time';
import { useKnownClients } from '../../state/pasts';
import { useBookings, useRooms } from '../../state/queries';
import type { KnownClient } from '../../state/resources/known-client';

/** A booking with its client and what is drafted for them; null while the room or their past is not known. */
export interface DayRow {
  booking: Booking;
  client: KnownClient;
  draft: LoadsDraft | null;
  /** Where they train: away, while their weeks are turned down there. */
  room: Room | undefined;
}

const MINUTE_MS = 60_000;

/** What is drafted for a booking; null while it is not known. */
function drafted(
  client: KnownClient,
  room: Room | undefined,
  unit: Unit,
  { lifts }: Booking,
): LoadsDraft | null {
  if (!room || client.past === 'coming') return null;
  try {
    return draftFor(client, room, unit, lifts);
  } catch {
    // One client who cannot be drafted for leaves the day to the others; the card goes without a plan.
    return null;
  }
}

/** The bookings of a day, `offset` days from today, in time's order. */
export function useDay({ studio, trainer }: Account, offset: number) {
  const minute = Math.floor(useNow(true) / MINUTE_MS) * MINUTE_MS;
  const { zone, unit } = studio;
  const day = useMemo(() => dayBounds(minute, zone, offset), [minute, zone, offset]);
  const bookings = useBookings(day.from, day.to, trainer.id);
  const clients = useKnownClients(bookings.data?.map(({ clientId }) => clientId) ?? []);
  const rooms = useRooms();
  const room: Room | undefined = useRoomChoice(rooms.data);
  const rows = useMemo(
    () =>
      (bookings.data ?? []).flatMap((booking): DayRow[] => {
        const client = clients.data?.find((each) => each.id === booking.clientId);
        if (!client) return [];
        const here = roomToday(client, rooms.data, room, booking);
        return [{ booking, client, draft: drafted(client, here, unit, booking), room: here }];
      }),
    [bookings.data, clients.data, rooms.data, room, unit],
  );
  // A session cannot start before its room is known, so the day waits for all three.
  const fetched = [bookings, clients, rooms];
  return {
    label: day.label,
    room,
    rows,
    failed: fetched.some((query) => query.isError && !query.data),
    waiting: fetched.some((query) => !query.data),
    refetch: () => fetched.forEach((query) => void query.refetch()),
  };
}
