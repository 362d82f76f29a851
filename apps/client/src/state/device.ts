import { nowMs } from '@spalo/core/unit';
import type { Account } from '@spalo/contract';
import { call } from '../api/call';
import { newId } from './log/ids';
import { makeJournal, type Author } from './log/journal';
import { adoptUnheld, indexedDbJournal, memoryJournal } from './log/journal-store';
import { makeSync } from './log/sync';
import { queryClient } from './query-client';
import { touchedBy } from './changes/changes';

/** This device's journal and its connection to the server: one of each. The journal is nobody's until it is opened. */
export const journal = makeJournal(memoryJournal());
export const sync = makeSync(journal, call, (route) =>
  queryClient.refetchQueries({ queryKey: [touchedBy(route)] }),
);

/** What is kept on a device is kept by studio and trainer. */
export const holderOf = ({ studio, trainer }: Account): string => `${studio.id}.${trainer.id}`;

const HOLDER = 'spalo-holder';

/**
 * Opens what was held for whoever used the device last, before it is known who uses it now: it is shown only to them.
 * A start must not wait for the account to read what the device has.
 */
export async function openLastJournal(): Promise<void> {
  const holder = localStorage.getItem(HOLDER);
  if (holder) await journal.open(holder, indexedDbJournal(holder), nowMs());
}

/** Opens what this device holds for an account, and nothing of another's. */
export async function openJournal(account: Account): Promise<void> {
  const holder = holderOf(account);
  if (journal.state.getState().holder === holder) return;
  const store = indexedDbJournal(holder);
  await adoptUnheld(store, account.trainer.id);
  localStorage.setItem(HOLDER, holder);
  await journal.open(holder, store, nowMs());
}

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
