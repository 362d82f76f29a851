import type { Call, RouteName, StreamMessage } from '@spalo/contract';

/**
 * What can be changed without network, and which fetched things a change touches. Each is safe to send twice. A new
 * resource is a row here, a file beside with what its changes look like before the server has them, and its query.
 */
const touches = {
  putClient: 'clients',
  putFlag: 'clients',
  putMeasurement: 'clients',
  putScreening: 'clients',
  putBooking: 'bookings',
  putBookings: 'bookings',
  deleteBooking: 'bookings',
  putTemplate: 'templates',
  deleteTemplate: 'templates',
  putRoom: 'rooms',
  deleteRoom: 'rooms',
  putOwnLift: 'own-lifts',
  deleteOwnLift: 'own-lifts',
} as const satisfies Partial<Record<RouteName, string>>;

export type ChangeRoute = keyof typeof touches;

/** A change by its route. */
export type ChangeOf<R extends ChangeRoute> = { [K in R]: { route: K; args: Call<K> } }[R];
export type Change = ChangeOf<ChangeRoute>;

/** The key of what was fetched and a change has touched. */
export const touchedBy = (route: ChangeRoute): string => touches[route];

/** What is fetched anew when others changed something, by what the server says has changed. */
export const fetchedOf: Record<Extract<StreamMessage, { kind: 'changed' }>['what'], string[]> = {
  clients: ['clients', 'sessions', 'evidence'],
  bookings: ['bookings'],
  rooms: ['rooms'],
  trainers: ['trainers'],
  'own-lifts': ['own-lifts'],
  templates: ['templates'],
  studio: ['me'],
};

type Send = <R extends ChangeRoute>(route: R, args: Call<R>) => Promise<unknown>;

/** Sends a change by the route that it names. */
export const send = <R extends ChangeRoute>(call: Send, change: ChangeOf<R>): Promise<unknown> =>
  call(change.route, change.args);
