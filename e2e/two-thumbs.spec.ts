import type { Page } from '@playwright/test';
import { expect, nowMs, openDemo, startClient, test, openTab } from './spalo';

test.use({ scene: 'two thumbs', serviceWorkers: 'allow' });

const log = (page: Page) => page.getByRole('button', { name: /^Log / });
const done = (page: Page) => page.getByRole('button', { name: /set, .*, done$/ });
const standing = async (page: Page) =>
  `${await page.getByRole('heading', { level: 1 }).first().textContent()} ${await done(page).count()}`;

/** Taps the log button of a page at a time of the clock that all pages share. */
const tapAt = (page: Page, at: number) =>
  page.evaluate(
    (when) =>
      new Promise<void>((resolve) => {
        setTimeout(() => {
          const buttons = [...document.querySelectorAll<HTMLElement>('[role="button"], button')];
          buttons.find((each) => each.getAttribute('aria-label')?.startsWith('Log '))?.click();
          resolve();
          // In the page, whose clock is ours.
          // eslint-disable-next-line no-restricted-properties
        }, when - Date.now());
      }),
    at,
  );

/** How long after the first thumb the second one comes, in milliseconds: always within a second. */
const apart = [0, 15, 60, 150, 320, 700];

/** A tap this soon after one of the same thumb is the same tap. */
const SAME_TAP_MS = 650;
let free = 0;

/** Both thumbs tap the step that both screens show; both show one set more, and the same. */
async function bothTap(one: Page, other: Page, round: number): Promise<void> {
  const before = await standing(one);
  await expect.poll(() => standing(other)).toBe(before);
  const label = await log(one).getAttribute('aria-label');
  await expect(log(other)).toHaveAccessibleName(label!);
  const later = apart[round % apart.length]!;
  const at = Math.max(nowMs() + 120, free);
  free = at + later + SAME_TAP_MS;
  await Promise.all([tapAt(one, at), tapAt(other, at + later)]);
  await expect.poll(() => standing(one)).not.toBe(before);
  const after = await standing(one);
  await expect.poll(() => standing(other)).toBe(after);
  const [name, count] = [after.replace(/ \d+$/, ''), Number(/\d+$/.exec(after)![0])];
  const [nameBefore, countBefore] = [before.replace(/ \d+$/, ''), Number(/\d+$/.exec(before)![0])];
  expect(count).toBe(name === nameBefore ? countBefore + 1 : 0);
}

test('two devices that tap the same step make one set, fifty times, online and offline', async ({
  page,
  browser,
  spalo,
}) => {
  test.setTimeout(300_000);
  const elsewhere = await browser.newContext({
    baseURL: spalo.address,
    viewport: { width: 390, height: 844 },
  });
  const other = await elsewhere.newPage();
  await openDemo(page);
  await openDemo(other);
  await startClient(page, 'Teodor Brisling');
  await other.getByRole('link', { name: 'Floor', exact: true }).click();
  await expect(log(other)).toBeVisible();
  let taps = 0;
  const untilDone = async () => {
    while (await log(page).isVisible()) {
      await bothTap(page, other, taps);
      taps += 1;
      if (taps % 2 === 0 || !(await log(page).isVisible())) continue;
      // Where the second thumb came late it logged nothing; where both did, it is said.
      const twice = page.getByRole('group', { name: /logged twice$/ });
      if (await twice.isVisible()) await expect(twice.getByText(/counted once/)).toBeVisible();
    }
  };
  await untilDone();
  const online = taps;
  expect(online).toBeGreaterThan(14);

  // Other clients, on a device without network: every step twice, one set each when it is back.
  const alone = async (who: Page, times: number): Promise<number> => {
    for (let nth = 0; nth < times; nth += 1) {
      if (!(await log(who).isVisible())) return nth;
      const before = await standing(who);
      await expect(async () => {
        if ((await standing(who)) === before) await log(who).click({ timeout: 1000 });
        await expect.poll(() => standing(who), { timeout: 500 }).not.toBe(before);
      }).toPass({ intervals: [50, 200, 400, 700], timeout: 20_000 });
    }
    return times;
  };
  const offline = async (name: string): Promise<number> => {
    await page.getByRole('link', { name: 'Day', exact: true }).click();
    await startClient(page, name);
    const [called] = name.split(' ');
    await other.getByRole('tab', { name: new RegExp(`^${called}`) }).click();
    await expect(log(other)).toBeVisible();
    await elsewhere.setOffline(true);
    const times = await alone(page, 50 - taps);
    expect(await alone(other, times)).toBe(times);
    const here = await standing(page);
    await elsewhere.setOffline(false);
    await expect(other.getByText(/to send/)).toHaveCount(0);
    for (const who of [page, other]) await expect.poll(() => standing(who)).toBe(here);
    taps += times;
    return times;
  };
  const most = await offline('Oluchi Venn');
  for (const name of ['Runa Hallvard-Iyer', 'Anselm Quay']) if (taps < 50) await offline(name);
  expect(taps).toBe(50);
  await page.getByRole('tab', { name: /^Oluchi/ }).click();

  // What the server and the belief make of it: one set a step.
  await page.getByRole('button', { name: /^More for Oluchi/ }).click();
  const twins = page.getByText(/^Logged twice, counted once/);
  await expect(twins).toHaveCount(most);
  await page.getByRole('button', { name: 'Wrap up this session' }).click();
  await page.getByRole('button', { name: /^(Accept all and finish|Finish with these)$/ }).click();
  await openTab(page, 'Progress');
  const counted = page.getByRole('button', { name: /^Open .*, working(?!.*duplicate)/ });
  const duplicates = page.getByRole('button', { name: /^Open .*, duplicate$/ });
  await expect(duplicates).toHaveCount(most);
  const { clients } = (await (await page.request.get('/api/v1/clients')).json()) as {
    clients: { id: string; name: string }[];
  };
  const { id } = clients.find(({ name }) => name === 'Oluchi Venn')!;
  const { sets } = (await (await page.request.get(`/api/v1/clients/${id}/evidence`)).json()) as {
    sets: { sessionId: string; at: string }[];
  };
  const latest = sets.filter(({ sessionId }) => sessionId === sets.at(-1)!.sessionId);
  expect(latest.length).toBe(await counted.count());
  await elsewhere.close();
});
