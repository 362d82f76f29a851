import type { Page } from '@playwright/test';
import { olderDevice } from '../scripts/fixtures.mjs';
import { expect, test } from './spalo';

test.use({ scene: 'upgrade', demo: false, older: 1 });

interface OlderEntry {
  id: string;
  state: 'waiting' | 'sent';
  kind: 'event' | 'change';
  event?: { type: string; sessionId: string; payload: unknown };
}

interface OlderDevice {
  /** Pairs of key and value, by database and store. */
  indexedDb: Record<string, [string, unknown][]>;
  localStorage: Record<string, string>;
}

/** The evening on which the device was last used. */
const THAT_EVENING = new Date('2026-11-25T23:55:00Z');

/** Puts what the device held into the browser's stores, before the app has run there. */
async function fill(page: Page, device: OlderDevice): Promise<void> {
  await page.goto('/health');
  await page.evaluate(async ({ indexedDb, localStorage: kept }: OlderDevice) => {
    for (const [key, value] of Object.entries(kept)) localStorage.setItem(key, value);
    for (const [name, pairs] of Object.entries(indexedDb)) {
      const [databaseName, storeName] = name.split('/') as [string, string];
      await new Promise<void>((resolve, reject) => {
        const opening = indexedDB.open(databaseName);
        opening.onupgradeneeded = () => opening.result.createObjectStore(storeName);
        opening.onerror = () => reject(new Error(`no database ${databaseName}`));
        opening.onsuccess = () => {
          const change = opening.result.transaction(storeName, 'readwrite');
          for (const [key, value] of pairs) change.objectStore(storeName).put(value, key);
          change.oncomplete = () => {
            opening.result.close();
            resolve();
          };
        };
      });
    }
  }, device);
}

test('a device of the first version shows all it held, without network, and sends what waits', async ({
  page,
  context,
  spalo,
}) => {
  const device = olderDevice(1) as OlderDevice;
  const entries = device.indexedDb['spalo-journal/entries']!.map(
    ([, entry]) => entry as OlderEntry,
  );
  const waiting = entries.filter(({ state }) => state === 'waiting');
  expect(waiting.length).toBeGreaterThan(5);
  await page.clock.setFixedTime(THAT_EVENING);
  const headers = { 'X-Spalo': '1' };
  await context.request.post(`${spalo.address}/api/v1/auth/demo`, { headers });
  await fill(page, device);

  // Without the API, as in a cellar: what was fetched then is still there to read.
  await context.route('**/api/**', (route) => route.abort());
  await page.goto('/day');
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
  await expect(page.getByText(`Offline · ${waiting.length} to send`)).toBeVisible();
  await page.goto('/clients');
  await expect(page.getByRole('link', { name: 'Anselm Quay' })).toBeVisible();
  await page.goto('/floor');
  const lanes = new Set(entries.flatMap(({ event }) => event?.sessionId ?? []));
  await expect(page.getByRole('tab')).toHaveCount(lanes.size);

  await context.unroute('**/api/**');
  await page.reload();
  await expect(page.getByText(/to send/)).toHaveCount(0);
  for (const { id, event } of waiting) {
    if (!event) continue;
    const { sessionId: streamId, ...rest } = event;
    // Sending goes on after the page has come up again: what is there is asked for until it is.
    const served = async () => {
      const answer = await context.request.get(
        `${spalo.address}/api/v1/sessions/${streamId}/events`,
      );
      const { events } = (await answer.json()) as { events?: { id: string }[] };
      return events?.find((each) => each.id === id);
    };
    await expect.poll(served).toEqual({ ...rest, stream: 'session', streamId });
  }
});
