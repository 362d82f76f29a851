import { call } from '../api/call';
import { newId } from './ids';
import { makeJournal, type Author } from './journal';
import { indexedDbJournal } from './journal-store';
import { queryClient } from './query-client';
import { makeSync } from './sync';

/** This device's journal and its connection to the server: one of each. */
export const journal = makeJournal(indexedDbJournal());
export const sync = makeSync(journal, call, (route) =>
  queryClient.refetchQueries({ queryKey: [route === 'putBooking' ? 'bookings' : 'clients'] }),
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
