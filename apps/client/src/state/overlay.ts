import type { Booking, Client } from '@spalo/contract';
import { cautionsOf, lifts, mainFaultIn } from '@spalo/catalog';
import { emptyHistory, withLocalSessions, type Room, type SessionState } from '@spalo/core';
import type { Entry } from './journal-store';

/** Clients as the server has them, with what this device has made since and not yet sent. */
export function overlayClients(
  served: readonly Client[],
  waiting: readonly Entry[],
  finished: readonly SessionState[],
): Client[] {
  const clients = new Map(served.map((client) => [client.id, client]));
  for (const entry of waiting) {
    if (entry.kind !== 'change') continue;
    const { change } = entry;
    if (change.route === 'putClient') {
      const { id } = change.args.params;
      const known = clients.get(id);
      clients.set(id, {
        flags: [],
        cautions: [],
        screened: false,
        measurements: [],
        history: emptyHistory,
        mine: true,
        ...known,
        ...change.args.body,
        id,
      });
    } else if (change.route === 'putFlag') {
      const { id, flagId } = change.args.params;
      const known = clients.get(id);
      if (!known) continue;
      const others = known.flags.filter((flag) => flag.id !== flagId);
      clients.set(id, { ...known, flags: [...others, { ...change.args.body, id: flagId }] });
    } else if (change.route === 'putMeasurement') {
      const { id, measurementId } = change.args.params;
      const known = clients.get(id);
      if (!known) continue;
      const others = known.measurements.filter((each) => each.id !== measurementId);
      const measurements = [...others, { ...change.args.body, id: measurementId }].sort((a, b) =>
        a.day + a.id < b.day + b.id ? -1 : 1,
      );
      const { bodyMassG } = measurements.at(-1)!;
      clients.set(id, { ...known, measurements, bodyMassG });
    } else if (change.route === 'putScreening') {
      const { id } = change.args.params;
      const known = clients.get(id);
      const cautions = cautionsOf(change.args.body.answers);
      if (known) clients.set(id, { ...known, cautions, screened: true });
    }
  }
  return [...clients.values()]
    .map((client) => {
      const own = finished.filter((session) => session.clientId === client.id);
      return own.length === 0
        ? client
        : {
            ...client,
            history: withLocalSessions(client.history, own, {
              mainFaultOf: mainFaultIn,
              lifts,
              person: client,
            }),
          };
    })
    .sort((a, b) => a.name.localeCompare(b.name) || a.id.localeCompare(b.id));
}

/** Rooms as the server has them, with what this device has changed and not yet sent. */
export function overlayRooms(served: readonly Room[], waiting: readonly Entry[]): Room[] {
  const rooms = new Map(served.map((room) => [room.id, room]));
  for (const entry of waiting) {
    if (entry.kind !== 'change') continue;
    const { change } = entry;
    if (change.route === 'putRoom') {
      rooms.set(change.args.params.id, { ...change.args.body, id: change.args.params.id });
    } else if (change.route === 'deleteRoom') rooms.delete(change.args.params.id);
  }
  return [...rooms.values()].sort((a, b) => a.name.localeCompare(b.name) || (a.id < b.id ? -1 : 1));
}

/** Bookings as the server has them, with those made here and the sessions that this device knows of. */
export function overlayBookings(
  served: readonly Booking[],
  waiting: readonly Entry[],
  sessions: Iterable<SessionState>,
  trainerId: string,
  between: { from: string; to: string },
): Booking[] {
  const bookings = new Map(served.map((booking) => [booking.id, booking]));
  for (const entry of waiting) {
    if (entry.kind !== 'change' || entry.change.route !== 'putBooking') continue;
    const { params, body } = entry.change.args;
    const known = bookings.get(params.id);
    bookings.set(params.id, { trainerId, session: null, ...known, ...body, id: params.id });
  }
  for (const session of sessions) {
    const booking = session.bookingId ? bookings.get(session.bookingId) : undefined;
    if (!booking) continue;
    const finished = session.finishedAt !== null;
    bookings.set(booking.id, { ...booking, session: { id: session.id, finished } });
  }
  return [...bookings.values()]
    .filter(({ startsAt }) => startsAt >= between.from && startsAt < between.to)
    .sort((a, b) => (a.startsAt + a.id < b.startsAt + b.id ? -1 : 1));
}
