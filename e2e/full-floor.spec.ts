import type { Browser, BrowserContext, Page } from '@playwright/test';
import {
  expect,
  nowIso,
  nowMs,
  openDemo,
  type Spalo,
  startClient,
  test,
  type Told,
  told,
  toTheSet,
  untilOffline,
} from './spalo';

test.use({
  serviceWorkers: 'allow',
  scene: 'full floor',
  ownTimers: true,
  viewport: { width: 390, height: 844 },
  hasTouch: true,
});

const clients = ['Runa Hallvard-Iyer', 'Teodor Brisling', 'Oluchi Venn', 'Anselm Quay'];
const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name });
const log = (page: Page) => button(page, /^Log /);
const done = (page: Page) => button(page, /set, .*, done$/);
const lift = (page: Page) => page.getByRole('heading', { level: 1 }).first();
const standing = async (page: Page) =>
  `${await lift(page).textContent()} ${await done(page).count()}`;
/** A tap so soon after another of the same thumb is the same tap. */
const laterTap = (page: Page) => page.clock.runFor(700);

/** One tap, and what it stored is on the screen. */
async function tapLog(page: Page): Promise<void> {
  const before = await standing(page);
  await laterTap(page);
  await log(page).click();
  await expect.poll(() => standing(page)).not.toBe(before);
}

async function swipe(page: Page, by: 1 | -1): Promise<void> {
  await page.evaluate((way) => {
    const field = document.querySelector('h1')!;
    const touch = (x: number) =>
      new Touch({ identifier: 1, target: field, clientX: x, clientY: 300 });
    const fire = (type: string, x: number) =>
      field.dispatchEvent(
        new TouchEvent(type, {
          bubbles: true,
          touches: type === 'touchend' ? [] : [touch(x)],
          changedTouches: [touch(x)],
        }),
      );
    fire('touchstart', 200);
    fire('touchend', 200 - way * 120);
  }, by);
}

/** Another trainer of the studio, on a phone of her own. */
async function secondTrainer(page: Page, browser: Browser, spalo: Spalo) {
  await page.goto('/settings?part=trainers');
  await page.getByRole('textbox', { name: 'Name', exact: true }).fill('Tess');
  await page.getByRole('textbox', { name: 'E-mail' }).fill('tess@example.invalid');
  await button(page, 'Make an invitation').click();
  const sheet = page.getByRole('dialog', { name: 'Link for Tess' });
  const link = (await sheet.getByText(/\/join#/).textContent()) ?? '';
  await sheet.getByRole('button', { name: 'Close' }).click();
  const context: BrowserContext = await browser.newContext({
    baseURL: spalo.address,
    viewport: { width: 390, height: 844 },
  });
  const other = await context.newPage();
  await other.clock.install({ time: nowMs() });
  await other.goto(link);
  await other.getByRole('textbox', { name: 'Password' }).fill('tess has her own words');
  await button(other, 'Go in').click();
  await expect(other.getByRole('heading', { name: 'Today' })).toBeVisible();
  return other;
}

const isSet = ({ type }: Told) => type === 'set.logged';

test('four clients for twenty minutes: a pair, a lane handed over, half of it without network', async ({
  page,
  browser,
  context,
  spalo,
}) => {
  test.setTimeout(240_000);
  const began = nowIso();
  await page.clock.install({ time: nowMs() });
  await openDemo(page);
  await untilOffline(page);
  const other = await secondTrainer(page, browser, spalo);
  for (const name of clients) {
    await page.goto('/day');
    await startClient(page, name);
  }
  const tabs = page.getByRole('tab');
  await expect(tabs).toHaveCount(4);

  // Swipe from lane to lane.
  await tabs.nth(0).click();
  await swipe(page, 1);
  await expect(tabs.nth(1)).toHaveAttribute('aria-selected', 'true');
  await swipe(page, -1);
  await expect(tabs.nth(0)).toHaveAttribute('aria-selected', 'true');

  // The first two lifts of the first lane are done in turn.
  const first = await lift(page).textContent();
  await button(page, /^More for /).click();
  await button(page, `Alternate ${first} with another`).click();
  const partners = page.getByRole('dialog', { name: `Alternate ${first!.toLowerCase()} with` });
  const second = await partners.getByRole('button').nth(1).textContent();
  await partners.getByRole('button', { name: second!, exact: true }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click();
  await expect(page.getByText(`alternates with ${second!.toLowerCase()} · lift 1`)).toBeVisible();

  let taps = 0;
  const turns: (string | null)[] = [];
  /** A round: a set in each lane, a minute or so between them. */
  const round = async (deviates: boolean) => {
    for (let lane = 0; lane < clients.length; lane += 1) {
      await tabs.nth(lane).click();
      if (!(await log(page).isVisible())) continue;
      if (lane === 0) turns.push(await lift(page).textContent());
      if (deviates && lane === 1) {
        // One rep fewer than planned: three taps, the last of them logs.
        await toTheSet(page);
        await button(page, 'One rep fewer').click();
      }
      await tapLog(page);
      taps += 1;
      await page.clock.fastForward(60_000);
    }
  };
  await round(false);
  await round(true);
  // Two lifts in turn: the lane goes to and fro by itself.
  await context.setOffline(true);
  await round(false);
  await round(true);
  expect(turns).toEqual([first, second, first, second]);
  await expect(page.getByText(/to send/)).toBeVisible();
  await page.reload();
  await expect(tabs).toHaveCount(4);
  await context.setOffline(false);
  await expect(page.getByText(/to send/)).toHaveCount(0);

  // The other trainer follows all four, takes the last over and logs its next set; the first phone shows it.
  await other.goto('/floor');
  await expect(other.getByRole('tab')).toHaveCount(4);
  await other.getByRole('tab').nth(3).click();
  await tabs.nth(3).click();
  await expect.poll(() => standing(other)).toBe(await standing(page));
  await expect(other.getByText(/has this lane: you follow it$/)).toBeVisible();
  await button(other, /^More for /).click();
  await button(other, 'Take over').click();
  await expect(button(other, /^Hand over to /).first()).toBeVisible();
  await other.getByRole('dialog').getByRole('button', { name: 'Close' }).click();
  await expect(page.getByText(/has this lane: you follow it$/)).toBeVisible();
  const before = await standing(other);
  // A tap within a second of a set that came from another device would be taken for that set.
  await other.clock.runFor(1100);
  await log(other).click();
  await expect.poll(() => standing(other)).not.toBe(before);
  taps += 1;
  await expect.poll(() => standing(page)).toBe(await standing(other));

  // What was tapped is what the server has: nothing lost, nothing twice.
  await expect.poll(async () => (await told(page, began)).filter(isSet).length).toBe(taps);
  const events = await told(page, began);
  expect(new Set(events.map(({ id }) => id)).size).toBe(events.length);
  const types = events.map(({ type }) => type);
  expect(types).toContain('lifts.paired');
  expect(types).toContain('session.handed-over');
  // Whoever logged it is its author: the last set is the other trainer's.
  const byAuthor = new Set(events.filter(isSet).map(({ author }) => author));
  expect(byAuthor.size).toBe(2);
});
