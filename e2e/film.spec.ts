import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import type { Page } from '@playwright/test';
import { inRoot } from '../scripts/paths.mjs';
import {
  expect,
  expectAccessible,
  expectNoOverflow,
  logSet,
  nowIso,
  openDemo,
  startClient,
  test,
  told,
  toWork,
  untilOffline,
} from './spalo';

test.use({
  scene: 'film',
  serviceWorkers: 'allow',
  viewport: { width: 390, height: 844 },
  hasTouch: true,
});

const films = inRoot('apps/server/demo-films');
const clip = resolve(films, 'squat.webm');
const { followed } = JSON.parse(readFileSync(resolve(films, 'squat.json'), 'utf8')) as {
  followed: {
    view: { mmPerPixel: number; plumbX: number; floorY: number };
    path: { x: number[]; y: number[] };
  };
};
const WHO = 'Isolde Marchbank';
const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name });

async function clientOf(page: Page): Promise<{ id: string }> {
  const { clients } = (await (await page.request.get('/api/v1/clients')).json()) as {
    clients: { id: string; name: string }[];
  };
  return clients.find(({ name }) => name === WHO)!;
}

/** Whoever the demo has filmed has not agreed to it yet. */
async function takeConsentBack(page: Page): Promise<string> {
  const found = await clientOf(page);
  const answer = await page.request.put(`/api/v1/clients/${found.id}`, {
    headers: { 'X-Spalo': '1' },
    data: { ...found, filmConsentAt: null },
  });
  expect(answer.ok()).toBe(true);
  return found.id;
}

async function choose(page: Page, file: Parameters<Page['setInputFiles']>[1]) {
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    button(page, 'Choose a file').click(),
  ]);
  await chooser.setFiles(file);
}

/** Puts the ring on the bar's end with the arrow keys, as who cannot point does; a press moves it ten pixels, or one. */
async function putRing(page: Page) {
  const points = page.getByRole('application');
  await points.focus();
  const { view, path } = followed;
  const to = {
    x: view.plumbX + path.x[0]! / view.mmPerPixel,
    y: view.floorY - path.y[0]! / view.mmPerPixel,
  };
  // Where the bench puts it first: in the middle, two fifths down.
  const away = { x: to.x - 180, y: to.y - 256 };
  const press = async (key: string, pixels: number) => {
    for (let left = Math.round(Math.abs(pixels)); left > 0; left -= left >= 10 ? 10 : 1)
      await page.keyboard.press(left >= 10 ? `Shift+${key}` : key);
  };
  await press(away.x > 0 ? 'ArrowRight' : 'ArrowLeft', away.x);
  await press(away.y > 0 ? 'ArrowDown' : 'ArrowUp', away.y);
}

/** How many films this device holds. */
const heldHere = (page: Page) =>
  page.evaluate(async () => {
    const all = await indexedDB.databases();
    const name = all.find((each) => each.name?.startsWith('spalo-films-'))?.name;
    if (!name) return 0;
    return new Promise<number>((answer, fail) => {
      const opening = indexedDB.open(name);
      opening.onerror = () => fail(opening.error);
      opening.onsuccess = () => {
        const count = opening.result.transaction('files').objectStore('files').count();
        count.onsuccess = () => answer(count.result);
      };
    });
  });

test('a set is filmed and followed without network, marked, reviewed, sent, and gone with its client', async ({
  page,
  context,
}) => {
  test.setTimeout(240_000);
  const began = nowIso();
  await openDemo(page);
  await untilOffline(page);
  const id = await takeConsentBack(page);
  await page.reload();
  await startClient(page, WHO);
  await toWork(page);
  await logSet(page);
  await context.setOffline(true);

  // Nobody is filmed who has not agreed; what is no film is said to be none.
  await button(page, /^More for /).click();
  await button(page, 'Film a set').click();
  await button(page, 'Yes, they agreed').click();
  await choose(page, { name: 'list.txt', mimeType: 'text/plain', buffer: Buffer.from('eggs') });
  await expect(page.getByText(/This file is no film/)).toBeVisible();
  const broken = Buffer.from('no film at all, whatever its name says');
  await choose(page, { name: 'set.mp4', mimeType: 'video/mp4', buffer: broken });
  await expect(page.getByText('This file is no film, or it is broken')).toBeVisible();
  await choose(page, clip);

  // The film bench: the ring on the plate, and the bar is followed.
  await expect(page).toHaveURL(/\/film\?/);
  await putRing(page);
  await button(page, 'Follow the bar').click();
  await expect(page.getByRole('radio', { name: 'Rep 8', exact: true })).toBeVisible({
    timeout: 60_000,
  });
  await expect(page.getByRole('radio', { name: /^Rep \d+$/ })).toHaveCount(8);
  await expectNoOverflow(page);
  await expectAccessible(page);

  // Two signs are taken as marks, one is dropped.
  await button(page, /^Mark rep 7: /).click();
  await expect(page.getByText('Marked', { exact: true })).toHaveCount(1);
  await button(page, /^Mark rep 8: bar drifts/i).click();
  await expect(page.getByText('Marked', { exact: true })).toHaveCount(2);
  await button(page, /^Drop rep 8: depth/i).click();
  await expect(page.getByText('Dropped', { exact: true })).toBeVisible();

  // A still of the last rep, with a line to it.
  await page.getByRole('radio', { name: 'Rep 8', exact: true }).click();
  await page.getByRole('textbox', { name: 'A line to it' }).fill('Where it goes forward');
  await button(page, 'Save this picture').click();
  await expect(page.getByRole('img', { name: 'Where it goes forward' })).toBeVisible();

  // The review, still without network, with what it says for next time.
  await button(page, 'To the review').click();
  await button(page, 'Look at Back squat').first().click();
  await expect(page.getByText(/^Rep 7: bar drifts/)).toBeVisible();
  await expect(page.getByRole('img', { name: 'Where it goes forward' })).toBeVisible();
  await page.getByRole('textbox', { name: 'Keep on' }).fill('Elbows under the bar');
  await button(page, 'Save the review').click();
  await expect(button(page, 'Save the review')).toHaveCount(0);
  await page.goto('/floor');
  await button(page, /^More for /).click();
  await button(page, 'Wrap up this session').click();
  await button(page, /finish$/).click();

  // Back on the network the log arrives, and then the film, in pieces; one is cut off and sent again.
  let cut = 0;
  await page.route('**/api/v1/films/*/bytes/*', (route) => {
    if (!route.request().url().endsWith('/bytes/0') && cut === 0) {
      cut += 1;
      return route.abort();
    }
    return route.continue();
  });
  await context.setOffline(false);
  await expect
    .poll(async () => (await told(page, began)).map(({ type }) => type))
    .toEqual(
      expect.arrayContaining(['clip.filmed', 'clip.followed', 'still.kept', 'review.written']),
    );
  const events = await told(page, began);
  const answers = events.filter(({ type }) => type === 'sign.answered');
  expect(answers.map(({ payload }) => payload.taken)).toEqual([true, true, false]);
  const corrected = events.filter(({ type }) => type === 'set.corrected').at(-1);
  expect(corrected?.payload.marks).toHaveLength(2);
  await page.goto(`/clients/${id}/review`);
  await button(page, 'Look at Back squat').first().click();
  await button(page, /^Film of set/).click();
  await button(page, 'Send it to the studio').click();
  await expect(page.getByText(/On this device and in the studio’s store/)).toBeVisible({
    timeout: 30_000,
  });
  expect(cut).toBe(1);

  // The next day's brief reads the review back.
  await page.goto('/clients');
  await page.goto(`/day`);
  await button(page, new RegExp(`^Brief.*${WHO}|${WHO}`))
    .first()
    .click();
  await expect(page.getByText('Keep on: Elbows under the bar')).toBeVisible();

  // The still goes home with the client, as a picture of the page.
  await page.goto(`/clients/${id}/take-home`);
  await expect(
    page.getByRole('region', { name: 'The page' }).getByRole('img').last(),
  ).toBeVisible();
  const [pdf] = await Promise.all([
    page.waitForEvent('download'),
    button(page, 'Save PDF').click(),
  ]);
  const bytes = readFileSync(await pdf.path()).toString('latin1');
  expect(bytes.match(/\/DCTDecode/g)).toHaveLength(1);
  await page.getByRole('radio', { name: 'Without' }).click();
  const [bare] = await Promise.all([
    page.waitForEvent('download'),
    button(page, 'Save PDF').click(),
  ]);
  expect(readFileSync(await bare.path()).toString('latin1')).not.toContain('/DCTDecode');

  // Deleted for good, nothing is left: not on the server, not on the device.
  const { films: kept } = (await (
    await page.request.get(`/api/v1/clients/${id}/films`)
  ).json()) as { films: { id: string }[] };
  expect(kept.length).toBeGreaterThan(2);
  expect(await heldHere(page)).toBe(2);
  const erased = await page.request.delete(`/api/v1/clients/${id}`, {
    headers: { 'X-Spalo': '1' },
  });
  expect(erased.ok()).toBe(true);
  for (const film of kept) {
    expect((await page.request.get(`/api/v1/films/${film.id}/bytes`)).status()).toBe(404);
  }
  await page.goto('/clients');
  await expect.poll(() => heldHere(page)).toBe(0);
});
