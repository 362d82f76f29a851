import type { Page } from '@playwright/test';
import {
  expect,
  HOUR_MS,
  logSet,
  moveClock,
  nowIso,
  openDemo,
  passGeneral,
  startClient,
  test,
  told,
} from './spalo';

test.use({ scene: 'device', serviceWorkers: 'allow' });

/** Sets of the studio's logs within an hour of a moment, as the server holds them: a clock that was set ahead stays out. */
const setsSince = async (page: Page, since: string) =>
  (await told(page, since)).filter(
    ({ type, at }) => type === 'set.logged' && Date.parse(at) - Date.parse(since) < HOUR_MS,
  );

const steps = (page: Page) => page.getByRole('button', { name: /set, .*, done$/ });
/** Nothing waits on the device any more. */
const allSent = (page: Page) =>
  expect(page.getByText(/waiting to be sent|to send/i)).toHaveCount(0);

test('a clock that goes back and forth in mid-session keeps the order of what was done', async ({
  page,
}) => {
  const since = nowIso();
  await openDemo(page);
  await startClient(page, 'Runa Hallvard-Iyer');
  await logSet(page);
  const before = await steps(page).count();
  await moveClock(page, -20);
  await logSet(page);
  await moveClock(page, 40);
  await logSet(page);
  await moveClock(page, -20);
  await logSet(page);
  await expect(steps(page)).toHaveCount(before + 3);
  const near = async () =>
    (await told(page, '')).filter(
      ({ type, at }) =>
        type === 'set.logged' && Math.abs(Date.parse(at) - Date.parse(since)) < 25 * HOUR_MS,
    );
  await expect.poll(async () => (await near()).length).toBeGreaterThanOrEqual(4);
  // By their ids, which order a log, they stand as they were done.
  const ids = (await near()).slice(-4).map(({ id }) => id);
  expect([...ids].sort()).toEqual(ids);
  await page.reload();
  await expect(steps(page)).toHaveCount(before + 3);
});

test('a device that sleeps for a day goes on with the session it was in', async ({ page }) => {
  await openDemo(page);
  await startClient(page, 'Teodor Brisling');
  await logSet(page);
  await page.context().setOffline(true);
  await logSet(page);
  const done = await steps(page).count();
  await moveClock(page, 24);
  await page.context().setOffline(false);
  await page.evaluate(() => window.dispatchEvent(new Event('online')));
  await expect(steps(page)).toHaveCount(done);
  await logSet(page);
  await expect(steps(page)).toHaveCount(done + 1);
  await allSent(page);
});

test('a disk that is full says so, loses nothing that was kept, and goes on when there is room', async ({
  page,
}) => {
  await openDemo(page);
  await startClient(page, 'Anselm Quay');
  await logSet(page);
  const done = await steps(page).count();
  await page.evaluate(() => {
    const { put } = IDBObjectStore.prototype;
    const full = () => {
      throw new DOMException('No room is left', 'QuotaExceededError');
    };
    Object.assign(IDBObjectStore.prototype, { put: full });
    Object.assign(window, { makeRoom: () => Object.assign(IDBObjectStore.prototype, { put }) });
  });
  // A tap right after another counts as the same tap.
  await expect(async () => {
    await page.getByRole('button', { name: /^Log / }).click();
    await expect(page.getByText(/^Not saved: /)).toBeVisible({ timeout: 1000 });
  }).toPass();
  await expect(steps(page)).toHaveCount(done);
  await page.evaluate(() => (window as unknown as { makeRoom(): void }).makeRoom());
  await logSet(page);
  await expect(steps(page)).toHaveCount(done + 1);
  await page.reload();
  await expect(steps(page)).toHaveCount(done + 1);
});

test('a store that is taken away under way is said; what the server has comes back', async ({
  page,
}) => {
  await openDemo(page);
  await startClient(page, 'Oluchi Venn');
  await logSet(page);
  await allSent(page);
  const done = await steps(page).count();
  const devtools = await page.context().newCDPSession(page);
  const origin = new URL(page.url()).origin;
  await devtools.send('Storage.clearDataForOrigin', { origin, storageTypes: 'indexeddb' });
  // It may have to be tapped again; it is never shown as done without being kept.
  await logSet(page);
  await expect(steps(page)).toHaveCount(done + 1);
  await allSent(page);
  await page.reload();
  await expect(steps(page)).toHaveCount(done + 1);
});

test('two tabs of one trainer are one session', async ({ page, context }) => {
  const since = nowIso();
  await openDemo(page);
  await startClient(page, 'Isolde Marchbank');
  await logSet(page);
  const other = await context.newPage();
  await other.goto(page.url());
  await expect(steps(other)).toHaveCount(1);
  await logSet(other);
  await expect(steps(page)).toHaveCount(2);
  await logSet(page);
  await expect(steps(other)).toHaveCount(3);
  // Without network each keeps its own; both come together after it.
  await context.setOffline(true);
  await logSet(page);
  await logSet(other);
  await context.setOffline(false);
  for (const tab of [page, other])
    await tab.evaluate(() => window.dispatchEvent(new Event('online')));
  // Both logged the same set of the plan: it is kept twice, and counts once.
  await expect.poll(async () => (await setsSince(page, since)).length).toBeGreaterThanOrEqual(5);
  const logged = await setsSince(page, since);
  const different = new Set(logged.map(({ payload }) => payload.step)).size;
  expect(different).toBeLessThan(logged.length);
  await expect(steps(page)).toHaveCount(different);
  await expect(steps(other)).toHaveCount(different);
  await other.close();
});

test('signing out before everything has been sent loses nothing', async ({ page }) => {
  const since = nowIso();
  await openDemo(page);
  await startClient(page, 'Caspian Dole');
  await logSet(page);
  await expect.poll(async () => (await setsSince(page, since)).length).toBeGreaterThan(0);
  const before = (await setsSince(page, since)).length;
  // What is sent from now on never arrives.
  await page.route('**/api/v1/events', (route) =>
    route.request().method() === 'POST' ? route.abort() : route.continue(),
  );
  await logSet(page);
  await page.goto('/settings?part=you');
  await page.getByRole('button', { name: 'Sign out', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Open the demo studio' })).toBeVisible();
  await page.unroute('**/api/v1/events');
  await openDemo(page);
  await expect.poll(async () => (await setsSince(page, since)).length).toBe(before + 1);
});

test('a new version that comes in mid-session waits in each tab until it is taken there', async ({
  page,
  context,
  spalo,
}) => {
  await openDemo(page);
  // Nobody whom the other tests have on the floor.
  await page.goto('/clients');
  await page.getByRole('link', { name: /^Bartholomew/ }).click();
  await page.getByRole('button', { name: 'Start now' }).click();
  await passGeneral(page);
  await logSet(page);
  await page.evaluate(() => navigator.serviceWorker.ready);
  // The worker of a first visit is no update: from the next load on a later one is.
  await page.reload();
  const other = await context.newPage();
  await other.goto('/day');
  const removeFiles = await spalo.upgrade();
  await page.evaluate(async () => (await navigator.serviceWorker.ready).update());
  const take = (tab: Page) => tab.getByRole('button', { name: 'Reload', exact: true });
  for (const tab of [page, other]) await expect(take(tab)).toBeVisible();
  const mark = (tab: Page) => tab.evaluate(() => Object.assign(window, { untouched: true }));
  const untouched = (tab: Page) => tab.evaluate(() => 'untouched' in window);
  const reloaded = (tab: Page) => tab.waitForFunction(() => !('untouched' in window));
  await mark(page);
  await mark(other);
  const done = await steps(page).count();
  await take(other).click();
  await reloaded(other);
  // In the middle of a set nothing is taken away from under a thumb.
  await logSet(page);
  await expect(steps(page)).toHaveCount(done + 1);
  expect(await untouched(page)).toBe(true);
  await take(page).click();
  await reloaded(page);
  await expect(steps(page)).toHaveCount(done + 1);
  await other.close();
  await removeFiles();
});
