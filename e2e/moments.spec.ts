import type { Locator, Page } from '@playwright/test';
import {
  expect,
  expectAccessible,
  expectNoOverflow,
  logSet,
  openDemo,
  startClient,
  test,
  toTheSet,
  toWork,
} from './spalo';

test.use({ scene: 'moments' });

const clients = ['Runa Hallvard-Iyer', 'Teodor Brisling', 'Oluchi Venn', 'Anselm Quay'];

/** Phones upright with text at 100 and 130 %, with text at 200 %, and on their side. */
const screens = [
  { width: 390, height: 844, text: 100 },
  { width: 360, height: 740, text: 100 },
  { width: 390, height: 844, text: 130 },
  { width: 360, height: 740, text: 130 },
  { width: 390, height: 844, text: 200 },
  { width: 844, height: 390, text: 100 },
];

const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name });
const who = (page: Page) => page.getByRole('tab', { selected: true });
const lift = (page: Page) => page.getByRole('heading', { level: 1 });
const ramp = (page: Page) => page.getByRole('list', { name: 'Sets of this lift' });
const log = (page: Page) => button(page, /^Log /);

/** What each moment needs, whatever the screen. */
const needs: Record<string, (page: Page) => Locator[]> = {
  rest: (page) => [
    who(page),
    lift(page),
    ramp(page),
    page.getByRole('timer'),
    button(page, /^Change the load/),
    button(page, 'To the set'),
    log(page),
  ],
  lift: (page) => [
    who(page),
    lift(page),
    ramp(page),
    button(page, /Back to the load$/),
    page.getByText(/^leave \d$/),
    button(page, /^Focus cue: /),
    page.getByRole('group', { name: 'Reps', exact: true }),
    button(page, 'One rep fewer'),
    page.getByRole('radiogroup', { name: 'Clean reps in reserve' }),
    log(page),
  ],
  after: (page) => [
    who(page),
    lift(page),
    button(page, /Back to the load$/),
    page.getByRole('group', { name: 'Reps', exact: true }),
    page.getByRole('group', { name: /^What was seen in rep/ }),
    page.getByRole('radiogroup', { name: 'Clean reps in reserve' }),
    log(page),
  ],
};

/** What of some things lies outside the window, or under something else. */
async function hidden(page: Page, things: Locator[]): Promise<string[]> {
  const found = await Promise.all(
    things.map((thing) =>
      thing.evaluate((node) => {
        const { left, top, right, bottom } = node.getBoundingClientRect();
        const name = node.getAttribute('aria-label') ?? node.textContent ?? node.tagName;
        if (left < 0 || top < 0 || right > innerWidth + 1 || bottom > innerHeight + 1)
          return `${name} lies outside, down to ${Math.round(bottom)} of ${innerHeight}`;
        // A little inside each of its edges.
        const points = [
          [left + 4, top + 4],
          [right - 4, bottom - 4],
          [(left + right) / 2, (top + bottom) / 2],
        ] as const;
        const over = points.map(([x, y]) => document.elementFromPoint(x, y));
        const covered = over.some((each) => {
          if (!each || node.contains(each) || each.contains(node)) return false;
          // A row that scrolls sideways within it, or beside it, covers nothing.
          const box = each.getBoundingClientRect();
          return box.bottom <= top + 4 || box.top < bottom - 4;
        });
        return covered ? `${name} is covered` : '';
      }),
    ),
  );
  return found.filter(Boolean);
}

async function onEveryScreen(page: Page, moment: string): Promise<void> {
  const wrong: string[] = [];
  for (const { width, height, text } of screens) {
    await page.setViewportSize({ width, height });
    await page.evaluate((percent) => {
      document.documentElement.style.setProperty('font-size', `${percent}%`, 'important');
    }, text);
    const there = needs[moment]!(page);
    for (const thing of there) await expect(thing).toBeVisible();
    const out = () => hidden(page, there);
    // A screen that has just been turned is drawn anew.
    await expect
      .poll(async () => (await out()).length, { timeout: 3000 })
      .toBe(0)
      .catch(() => undefined);
    wrong.push(...(await out()).map((each) => `${width}x${height} at ${text} %: ${each}`));
    await expectNoOverflow(page);
  }
  await page.setViewportSize({ width: 390, height: 844 });
  await page.evaluate(() => document.documentElement.style.removeProperty('font-size'));
  expect(wrong).toEqual([]);
}

test('all that a moment needs stands on the screen, with one to four lanes', async ({ page }) => {
  test.setTimeout(300_000);
  await openDemo(page);
  for (const [nth, name] of clients.entries()) {
    if (nth > 0) await page.getByRole('link', { name: 'Day', exact: true }).click();
    await startClient(page, name);
    if (nth > 0 && nth < 3) continue;
    if (nth === 3) {
      await page.getByRole('tab', { name: /^Runa/ }).click();
      await expect(lift(page)).toHaveText('Dumbbell bench press');
    }
    await logSet(page);
    await onEveryScreen(page, 'rest');
    await toWork(page);
    await toTheSet(page);
    await onEveryScreen(page, 'lift');
    await expectAccessible(page);
    await page.getByRole('checkbox', { name: /^Rep 3/ }).click();
    await onEveryScreen(page, 'after');
    await expectAccessible(page);
    const working = button(page, /^working set, .*, now$/);
    while ((await working.count()) > 0) await logSet(page);
  }
});
