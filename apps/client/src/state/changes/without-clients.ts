import type { Change } from './changes';

/** A change without what it says of some clients: as it is where it says nothing of them, null where nothing is left of it. */
export function withoutClients(change: Change, clientIds: ReadonlySet<string>): Change | null {
  switch (change.route) {
    case 'putClient':
    case 'putFlag':
    case 'putMeasurement':
    case 'putScreening':
      return clientIds.has(change.args.params.id) ? null : change;
    case 'putBooking':
      return clientIds.has(change.args.body.clientId) ? null : change;
    case 'putBookings': {
      const { bookings } = change.args.body;
      const others = bookings.filter(({ clientId }) => !clientIds.has(clientId));
      if (others.length === bookings.length) return change;
      return others.length === 0 ? null : { ...change, args: { body: { bookings: others } } };
    }
    // What names no client: of a booking that is gone with its client, only its id.
    case 'deleteBooking':
    case 'putTemplate':
    case 'deleteTemplate':
    case 'putRoom':
    case 'deleteRoom':
    case 'putOwnLift':
    case 'deleteOwnLift':
      return change;
  }
}
