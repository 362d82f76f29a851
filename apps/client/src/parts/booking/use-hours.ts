import type { Account, Booking } from '@spalo/contract';
import type { LoadsDraft } from '@spalo/core/planning';
import type { Room } from '@spalo/core/room';
import type { Unit } from '@spalo/core/unit';
import { useMemo } from 'react';
import { useKnownClients } from '../../state/pasts';
import { useBookings, useRooms } from '../../state/queries';
import type { KnownClient } from '../../state/resources/known-client';
import { roomToday } from '../room/room-today';
import { useRoomChoice } from '../room/use-room';
import { draftFor } from '../session/visit';

/** A booking with its client and what is drafted for them; null while the room or their past is not known. */
export interface HourRow {
  booking: Booking;
  client: KnownClient;
  draft: LoadsDraft | null;
  /** Where they train: as booked, or away, while their weeks are turned down there. */
  room: Room | undefined;
}

/** What is drafted for a booking; null while it is not known. */
function drafted(
  client: KnownClient,
  room: Room | undefined,
  unit: Unit,
  booking: Booking,
): LoadsDraft | null {
  if (!room || client.past === 'coming') return null;
  try {
    return draftFor(client, room, unit, booking);
  } catch {
    // One client who cannot be drafted for leaves the day to the others; the card goes without a plan.
    return null;
  }
}

/** The bookings that start from `from` to before `to` (ISO), in time's order, each with what is drafted for it. */
export function useHours({ studio, trainer }: Account, from: string, to: string) {
  const { unit } = studio;
  const bookings = useBookings(from, to, trainer.id);
  const clients = useKnownClients(bookings.data?.map(({ clientId }) => clientId) ?? []);
  const rooms = useRooms();
  const room: Room | undefined = useRoomChoice(rooms.data);
  const rows = useMemo(
    () =>
      (bookings.data ?? []).flatMap((booking): HourRow[] => {
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
    room,
    rows,
    failed: fetched.some((query) => query.isError && !query.data),
    waiting: fetched.some((query) => !query.data),
    refetch: () => fetched.forEach((query) => void query.refetch()),
  };
}
