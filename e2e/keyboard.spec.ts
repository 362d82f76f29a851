import type { Page } from '@playwright/test';
import { expect, expectAccessible, test } from './spalo';

test.use({ scene: 'keyboard' });

/** What has the focus, by its name. */
const focused = (page: Page): Promise<string> =>
  page.evaluate(() => {
    const node = document.activeElement;
    if (!node || node === document.body) return '';
    return node.getAttribute('aria-label') ?? node.textContent ?? '';
  });

/** Goes on by Tab until something of this name has the focus. */
async function tabTo(page: Page, name: RegExp): Promise<void> {
  for (let stop = 0; stop < 90; stop += 1) {
    if (name.test(await focused(page))) return;
    await page.keyboard.press('Tab');
  }
  throw new Error(`Tab does not lead to ${name}`);
}

async function press(page: Page, name: RegExp, key = 'Enter'): Promise<void> {
  await tabTo(page, name);
  await page.keyboard.press(key);
}

const done = (page: Page) => page.getByRole('button', { name: /set, .*, done$/ });
const working = (page: Page) => page.getByRole('button', { name: /^working set, .*, now$/ });
/** What is read out by itself: one message at a time. */
const said = (page: Page) => page.getByRole('status').filter({ hasText: /\S/ });

/** Logs by Enter; one message says so, and the focus stays in the lane. */
async function logByKey(page: Page): Promise<void> {
  const standing = async () =>
    `${await page.getByRole('heading', { level: 1 }).first().textContent()} ${await done(page).count()}`;
  const before = await standing();
  await tabTo(page, /^Log /);
  await expect(async () => {
    // A tap right after another counts as the same tap.
    if ((await standing()) === before) await page.keyboard.press('Enter');
    await expect.poll(standing, { timeout: 500, intervals: [30] }).not.toBe(before);
  }).toPass({ intervals: [50, 200, 400, 700] });
  await expect(said(page)).toHaveCount(1);
  await expect(said(page)).toHaveText(/ logged(, rest \d+:\d\d)?$/);
  expect(await focused(page)).not.toBe('');
}

test('a session by keyboard alone: warm-up, a fault, pain, wrap-up; each step has its role, name and state', async ({
  page,
}) => {
  await page.goto('/');
  await press(page, /^Open the demo studio$/);
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Start Teodor Brisling' })).toBeVisible();
  await press(page, /^Start Teodor Brisling$/);

  // The general warm-up: a drill done, the rest left.
  await expect(page.getByRole('heading', { name: 'General warm-up', level: 1 })).toBeVisible();
  await expect(page.getByRole('list', { name: 'Steps of the general warm-up' })).toBeVisible();
  await expect(page.getByRole('tab', { name: /^Teo: drill 1 of / })).toHaveAttribute(
    'aria-selected',
    'true',
  );
  await press(page, /^Done: /);
  await expect(page.getByRole('tab', { name: /^Teo: drill 2 of / })).toBeVisible();
  await press(page, /^Go to the first lift$/);
  await expect(page.getByRole('heading', { name: 'Back squat', level: 1 })).toBeVisible();
  expect(await focused(page)).not.toBe('');

  // The ramp: one step is the one now, and says so.
  const now = page.getByRole('button', { name: /set, .*, now$/ });
  await expect(now).toHaveAttribute('aria-current', 'step');
  while ((await working(page).count()) === 0) await logByKey(page);
  await expect(page.getByRole('timer')).toHaveAccessibleName(/^Rest of \d/);
  await expectAccessible(page);

  // The set: a rep that was not clean, what was seen, what was left.
  await press(page, /^To the set$/);
  expect(await focused(page)).toMatch(/^Log /);
  const rep = page.getByRole('checkbox', { name: /^Rep 3/ });
  await expect(rep).toBeChecked();
  await press(page, /^Rep 3/, 'Space');
  await expect(rep).not.toBeChecked();
  const seen = page.getByRole('group', { name: 'What was seen in rep 3' });
  await press(page, /^Knees cave in$/);
  await expect(seen.getByRole('button', { name: 'Knees cave in' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  const reserve = page.getByRole('radiogroup', { name: 'Clean reps in reserve' });
  const asked = (await reserve.getByRole('radio', { checked: true }).textContent())!;
  await tabTo(page, new RegExp(`^${asked}$`));
  await page.keyboard.press('ArrowLeft');
  const less = reserve.getByRole('radio', { name: String(Number(asked) - 1), exact: true });
  await expect(less).toBeChecked();
  await logByKey(page);

  // Pain: where, how much, by arrows; Escape would have kept nothing.
  await press(page, /^Pain$/);
  const sheet = page.getByRole('dialog');
  await expect(sheet).toBeVisible();
  // The panel listens for Escape a moment after it shows.
  await expect(async () => {
    await page.keyboard.press('Escape');
    await expect(sheet).toHaveCount(0, { timeout: 1000 });
  }).toPass();
  await press(page, /^Pain$/);
  // One stop for the whole map: it is the place that is known to hurt, or the first.
  const map = sheet.getByRole('radiogroup', { name: 'Place' });
  await map.getByRole('radio', { name: 'Right shoulder' }).focus();
  await page.keyboard.press('ArrowRight');
  await expect(map.getByRole('radio', { name: 'Left shoulder' })).toBeChecked();
  await tabTo(page, /^0 of 10$/);
  await page.keyboard.press('ArrowRight');
  await expect(sheet.getByRole('radio', { name: '1 of 10', exact: true })).toBeChecked();
  await expectAccessible(page);
  await press(page, /^Note: ache 1 of 10/);
  await expect(sheet).toHaveCount(0);
  await expect(page.getByText(/^Ache 1 of 10, left shoulder noted$/).first()).toBeVisible();

  // Wrap-up, and home.
  await press(page, /^More for Teo$/);
  await press(page, /^Wrap up this session$/);
  await expect(page.getByRole('heading', { name: 'Wrap-up' })).toBeVisible();
  await expectAccessible(page);
  await press(page, /^(Accept all and finish|Finish with these)$/);
  await expect(page.getByRole('heading', { name: 'Teodor Brisling' })).toBeVisible();
});
