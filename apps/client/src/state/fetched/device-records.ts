import type { PersistedQuery } from '@tanstack/query-persist-client-core';
import { createStore, del, entries, get, keys, set, type UseStore } from 'idb-keyval';
import { takeOver, type RecordStore } from './kept-queries';
import { fetchedToday, type FetchedAsOne } from './upgrade-fetched';

const recordsIn = (store: UseStore): RecordStore => ({
  getItem: (key) => get<PersistedQuery>(key, store),
  setItem: (key, record) => set(key, record, store),
  removeItem: (key) => del(key, store),
  entries: () => entries<string, PersistedQuery>(store),
  keys: () => keys<string>(store),
});

/** What was fetched, in IndexedDB. */
export const deviceRecords = {
  atStart: recordsIn(createStore('spalo-fetched-at-start', 'queries')),
  whenAsked: recordsIn(createStore('spalo-fetched-when-asked', 'queries')),
};

/** Versions up to the sixth kept all that they had fetched as one text. */
const ONE_TEXT = 'REACT_QUERY_OFFLINE_CACHE';

/** Carries over what an earlier version kept, once; what cannot be read is fetched anew. */
export async function takeOverOneText(): Promise<void> {
  const store = createStore('spalo-fetched', 'queries');
  const text = await get<string>(ONE_TEXT, store);
  if (text === undefined) return;
  const { clientState } = fetchedToday(JSON.parse(text) as FetchedAsOne);
  await takeOver(deviceRecords, clientState.queries);
  await del(ONE_TEXT, store);
}
