import { call } from '../api/call';
import { newId } from './log/ids';
import { makeJournal, type Author } from './log/journal';
import { indexedDbJournal } from './log/journal-store';
import { makeSync } from './log/sync';
import { queryClient } from './query-client';
import { touchedBy } from './changes/changes';

/** This device's journal and its connection to the server: one of each. */
export const journal = makeJournal(indexedDbJournal());
export const sync = makeSync(journal, call, (route) =>
  queryClient.refetchQueries({ queryKey: [touchedBy(route)] }),
);

const DEVICE = 'spalo-device';

/** An id that this browser keeps, so that events say which device made them. */
function deviceId(): string {
  const kept = localStorage.getItem(DEVICE);
  if (kept) return kept;
  const made = newId();
  localStorage.setItem(DEVICE, made);
  return made;
}

export const authorFor = (trainerId: string): Author => ({ trainerId, device: deviceId() });
