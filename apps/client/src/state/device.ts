import { call } from '../api/call';
import { newId } from './ids';
import { makeJournal, type Author } from './journal';
import { indexedDbJournal, type Change } from './journal-store';
import { queryClient } from './query-client';
import { makeSync } from './sync';

/** What was fetched and a change has touched. */
const touches: Record<Change['route'], string> = {
  putClient: 'clients',
  putFlag: 'clients',
  putMeasurement: 'clients',
  putScreening: 'clients',
  putBooking: 'bookings',
  putRoom: 'rooms',
  deleteRoom: 'rooms',
};

/** This device's journal and its connection to the server: one of each. */
export const journal = makeJournal(indexedDbJournal());
export const sync = makeSync(journal, call, (route) =>
  queryClient.refetchQueries({ queryKey: [touches[route]] }),
);

const DEVICE = 'spalo-device';

/** An id that this browser keeps, so that events say which device made them. */
export function deviceId(): string {
  const kept = localStorage.getItem(DEVICE);
  if (kept) return kept;
  const made = newId();
  localStorage.setItem(DEVICE, made);
  return made;
}

export const authorFor = (trainerId: string): Author => ({ trainerId, device: deviceId() });
