import type { PersistedQuery } from '@tanstack/query-persist-client-core';
import { nowMs } from '@spalo/core/unit';
import { QueryClient, QueryObserver } from '@tanstack/react-query';
import { keepQueries, OFFLINE_DAYS_MS, takeOver, type RecordStore } from './kept-queries';

/** A store in memory that counts what is written and read. */
function memory() {
  const records = new Map<string, string>();
  const counted = { written: 0, read: 0 };
  const parsed = (text: string) => {
    counted.read += text.length;
    return JSON.parse(text) as PersistedQuery;
  };
  const store: RecordStore = {
    getItem: async (key) => (records.has(key) ? parsed(records.get(key)!) : undefined),
    setItem: async (key, record) => {
      const text = JSON.stringify(record);
      counted.written += text.length;
      records.set(key, text);
    },
    removeItem: async (key) => void records.delete(key),
    entries: async () => [...records].map(([key, text]) => [key, parsed(text)]),
    keys: async () => [...records.keys()],
  };
  return { store, counted, records };
}

const YEARS_OF_SETS = 3 * 52 * 3 * 15;
const setsOf = (id: string) =>
  Array.from({ length: YEARS_OF_SETS }, (_, at) => ({ id: `${id}-${at}`, liftId: 'back-squat' }));
const ids = Array.from({ length: 40 }, (_, at) => `client-${at}`);
const never = (error: unknown): never => {
  throw error;
};

function device() {
  const atStart = memory();
  const whenAsked = memory();
  const stores = { atStart: atStart.store, whenAsked: whenAsked.store };
  const open = async () => {
    const client = new QueryClient();
    const kept = keepQueries(client, stores, never);
    const stop = await kept.restore();
    return { client, kept, stop };
  };
  return { atStart, whenAsked, stores, open };
}

/** A device that has opened forty clients of three years. */
async function longInUse() {
  const there = device();
  const { client, kept, stop } = await there.open();
  client.setQueryData(
    ['clients'],
    ids.map((id) => ({ id, name: id })),
  );
  for (const id of ids) {
    client.setQueryData(['past', id, 'mark'], { mark: 'mark', sets: setsOf(id).slice(-300) });
    client.setQueryData(['evidence', id], setsOf(id));
  }
  await kept.flush();
  stop();
  return there;
}

describe('what is fetched', () => {
  it('is written one query at a time: a change costs what it changed, with forty clients of three years', async () => {
    const { open, atStart, whenAsked } = await longInUse();
    const { client, kept, stop } = await open();
    const before = [atStart.counted.written, whenAsked.counted.written];
    const fresh = { mark: 'mark', sets: setsOf(ids[7]!).slice(-299) };
    client.setQueryData(['past', ids[7], 'mark'], fresh);
    await kept.flush();
    const written = atStart.counted.written - before[0]!;
    expect(written).toBeGreaterThan(0);
    expect(written).toBeLessThan(JSON.stringify(fresh).length + 600);
    expect(whenAsked.counted.written).toBe(before[1]);
    // The same again is no change.
    client.setQueryData(['past', ids[7], 'mark'], { ...fresh, sets: [...fresh.sets] });
    await kept.flush();
    expect(atStart.counted.written - before[0]!).toBe(written);
    stop();
  });

  it('is there at the next start; years of sets are read when somebody asks for them', async () => {
    const { open, whenAsked } = await longInUse();
    whenAsked.counted.read = 0;
    const { client, kept, stop } = await open();
    expect(client.getQueryData<unknown[]>(['clients'])).toHaveLength(40);
    expect(client.getQueryData(['past', ids[3], 'mark'])).toBeDefined();
    expect(whenAsked.counted.read).toBe(0);
    // Without network: what was kept, and the failure of what would be newer.
    const asked = new QueryObserver(client, {
      queryKey: ['evidence', ids[3]],
      queryFn: () => Promise.reject(new Error('no network')),
      persister: kept.persister,
      retry: false,
    });
    const failed = new Promise<void>((resolve) => {
      asked.subscribe(({ isError }) => (isError ? resolve() : undefined));
    });
    await failed;
    expect(asked.getCurrentResult().data).toHaveLength(YEARS_OF_SETS);
    asked.destroy();
    stop();
  });

  it('goes with the client, also what nobody asked for since the start', async () => {
    const { open, atStart, whenAsked } = await longInUse();
    const { client, kept, stop } = await open();
    client.removeQueries({ queryKey: ['past', ids[0]] });
    await kept.forget(new Set([ids[0], ids[1]]));
    const left = [...atStart.records.keys(), ...whenAsked.records.keys()].join();
    expect(left).not.toMatch(/"client-[01]"/);
    expect(left).toContain('"client-2"');
    await kept.forgetAll();
    expect(atStart.records.size + whenAsked.records.size).toBe(0);
    stop();
  });

  it('is let go where all of it is older than a device may work from', async () => {
    const { stores, atStart, open } = device();
    const queryKey = ['clients'];
    const state = { data: [], dataUpdatedAt: nowMs() - OFFLINE_DAYS_MS - 1000 };
    const queries = [{ queryKey, queryHash: '', state }];
    await takeOver(stores, queries as unknown as Parameters<typeof takeOver>[1]);
    expect(atStart.records.size).toBe(1);
    const { client, stop } = await open();
    expect(client.getQueryData(queryKey)).toBeUndefined();
    expect(atStart.records.size).toBe(0);
    stop();
  });

  it('of a link is for nobody who opens this browser later', async () => {
    const { atStart, open } = device();
    const { client, kept, stop } = await open();
    client.setQueryData(['link', 'secret'], { name: 'Ada' });
    client.setQueryData(['rooms'], []);
    await kept.flush();
    expect([...atStart.records.keys()].join()).toMatch(/^query-\["rooms"\]$/);
    stop();
  });
});
