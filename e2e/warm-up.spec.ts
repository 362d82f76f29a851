import { randomUUID } from 'node:crypto';
import type { Room } from '@spalo/core/room';
import type { Page } from '@playwright/test';
import {
  expect,
  expectAccessible,
  expectNoOverflow,
  logSet,
  openDemo,
  passGeneral,
  test,
  toTheLoad,
  toWork,
  untilOffline,
  openTab,
} from './spalo';

test.use({ scene: 'warm-up', serviceWorkers: 'allow' });

const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name });
const warmUps = (page: Page) =>
  page
    .getByRole('list', { name: 'Sets of this lift' })
    .getByRole('button', { name: /^warm-up set/ });
const loadOf = async (page: Page, at: number) =>
  Number(/([\d.]+) kg/.exec((await warmUps(page).nth(at).getAttribute('aria-label'))!)![1]);

/** Everything of a warm-up from the first drill to the verdict, and the next session that has learned from it. */
async function expectWarmUp(page: Page, name: string): Promise<void> {
  const start = button(page, `Start ${name}`);
  if (!(await start.isVisible())) await button(page, `Plan of ${name}`).click();
  await start.click();

  // The general part: one step in full, its clock, what it is for; done, swapped, skipped, fitted.
  await expect(page.getByRole('heading', { name: 'General warm-up' })).toBeVisible();
  const general = page
    .getByRole('list', { name: 'Steps of the general warm-up' })
    .getByRole('button');
  await expect(general.nth(3)).toBeVisible();
  await expect(page.getByRole('timer')).toBeVisible();
  await expectAccessible(page);
  await expectNoOverflow(page);
  const today = page.getByRole('radiogroup', { name: /^How is .* today$/ });
  await today.getByRole('radio', { name: 'Rough' }).click();
  await expect(today.getByRole('radio', { name: 'Rough' })).toBeChecked();
  await button(page, 'Swap Easy bike').click();
  await button(page, 'Do Brisk walk').click();
  await button(page, 'Done: brisk walk').click();
  await expect(general.first()).toHaveAccessibleName(/^Brisk walk, .*, done$/);
  await button(page, /^Skip /).click();
  await expect(general.nth(1)).toHaveAccessibleName(/left out$/);
  await page.getByRole('button', { name: '5 min', exact: true }).click();
  // What is done stays, and what was swapped and left out too.
  await expect(general.first()).toHaveAccessibleName(/^Brisk walk, .*, done$/);
  await expect(general.nth(1)).toHaveAccessibleName(/left out$/);
  await expect(page.getByRole('status').filter({ hasText: /min to go|takes/ })).toBeVisible();
  while (await button(page, /^Done: /).isVisible()) {
    const doing = (await button(page, /^Done: /).textContent())!;
    await button(page, doing).click();
    await expect(button(page, doing)).toHaveCount(0);
  }

  // The ramp: plates, purpose, set-up points; one tap as planned.
  await expect(button(page, /^Log /)).toBeVisible();
  await expect(page.getByText(/find the groove/).first()).toBeVisible();
  const points = page.getByRole('group', { name: 'Set-up, as for the working set' });
  await points.getByRole('button', { name: 'Hook height' }).click();
  await expect(points.getByRole('button', { name: 'Hook height' })).toHaveCount(0);
  const planned = await warmUps(page).count();
  expect(planned).toBeGreaterThan(1);
  await expectAccessible(page);
  await logSet(page);

  // Half-way another load: what is done stays, what comes climbs from there.
  const first = await loadOf(page, 0);
  await button(page, /^Change the load/).click();
  const other = page.getByRole('button', { name: /^Take [\d.]+ kg$/, pressed: false }).first();
  const taken = Number(/[\d.]+/.exec((await other.getAttribute('aria-label'))!)![0]);
  await other.click();
  await expect(button(page, new RegExp(`^Log ${taken} × `))).toBeVisible();
  expect(await loadOf(page, 0)).toBe(first);
  await logSet(page);
  await toWork(page);
  const loads = [];
  for (let at = 0; at < (await warmUps(page).count()); at += 1) loads.push(await loadOf(page, at));
  expect(loads).toEqual([...loads].sort((a, b) => a - b));
  expect(loads[1]).toBe(taken);

  // The verdict after the first working set, its effect at once, and a note.
  await logSet(page);
  // One question at a time: what a cue did comes first.
  const verdict = page.getByRole('radiogroup', { name: 'How was the warm-up' });
  const helped = page.getByRole('button', { name: 'Helped', exact: true });
  await expect(verdict.or(helped).first()).toBeVisible();
  if (await helped.isVisible()) await helped.click();
  await expect(verdict).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('radio', { name: 'Rusty, then smooth' }).click();
  await expect(page.getByText('Next time one warm-up set more').first()).toBeVisible();
  await button(page, /^Warm-up rusty/).click();
  await page
    .getByRole('textbox', { name: 'What worked, what would you change?' })
    .fill('Slow first set');
  await button(page, 'Save the note').click();
  await expect(button(page, /^Warm-up rusty/)).toBeVisible();

  // To the end, and home: the client's page says what was learned.
  await logSet(page);
  await button(page, /^More for/).click();
  for (const skip of (await page.getByRole('button', { name: /^Skip / }).all()).reverse())
    await skip.click();
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  await page.getByRole('button', { name: 'Wrap up', exact: true }).click();
  await page.getByRole('button', { name: /^(Accept all and finish|Finish with these)$/ }).click();
  await expect(page.getByRole('heading', { name })).toBeVisible();
  await openTab(page, 'Technique');
  await button(page, 'Warm-ups of Back squat').click();
  await expect(page.getByText('Slow first set').first()).toBeVisible();
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  await expect(page.getByText(/last time rusty, then smooth/).first()).toBeVisible();

  // Next session: one set more, and why; the drill that was swapped; the record behind the ramp.
  await button(page, 'Start now').click();
  await expect(button(page, 'Done: brisk walk')).toBeVisible();
  await passGeneral(page);
  await toTheLoad(page);
  await expect(page.getByText(/One set more than last time: the start was rusty/)).toBeVisible();
  await expect(warmUps(page)).toHaveCount(planned + 1);
  await button(page, /ramp: change it/).click();
  await expect(page.getByText('Slow first set')).toBeVisible();

  // Another ramp is one tap, remembered; a time that is too short is answered with the least there is.
  await page.getByRole('radio', { name: 'Short' }).click();
  await expect(page.getByRole('radio', { name: 'Short' })).toBeChecked();
  for (let minutes = 0; minutes < 12; minutes += 1) await button(page, /^Less: Fit/).click();
  await button(page, 'Fit into 1 min').click();
  await expect(page.getByText(/The shortest ramp here takes/)).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  // Nothing goes that would leave too large a step.
  await expect.poll(() => warmUps(page).count()).toBeLessThanOrEqual(planned);
}

test('a whole warm-up, and the next one that learned from it', async ({ page }) => {
  await openDemo(page);
  await expectWarmUp(page, 'Runa Hallvard-Iyer');
});

test('the same without network', async ({ page, context }) => {
  await openDemo(page);
  await untilOffline(page);
  // The worker is fetched with the shell; nothing of a warm-up asks the server.
  await context.setOffline(true);
  await expectWarmUp(page, 'Caspian Dole');
  await expect(page.getByText(/Offline · \d+ to send/)).toBeVisible();
  await context.setOffline(false);
  await expect(page.getByText(/to send/)).toHaveCount(0);
});

test('the warm-up bench: every ramp side by side, and clear answers to what cannot be', async ({
  page,
}) => {
  await openDemo(page);
  await page.getByRole('link', { name: 'Lifts', exact: true }).click();
  await button(page, 'Warm-up bench').click();
  const ramps = page.getByRole('list', { name: 'Ramps', exact: true });
  for (const name of ['Rehearsal', 'Short', 'Build', 'Heavy', 'Top set', 'Warm already']) {
    await expect(ramps.getByRole('heading', { name, exact: true })).toBeVisible();
  }
  await expect(page.getByText('By rule Build.', { exact: false })).toBeVisible();
  await expectAccessible(page);
  await expectNoOverflow(page);

  const load = page.getByRole('textbox', { name: 'Working load, kg' });
  await load.fill('a lot');
  await expect(page.getByText('A number in kg, up to 2,000')).toBeVisible();
  await load.fill('9');
  await expect(page.getByText(/^Short bar 15 kg is 15 kg at the least$/)).toBeVisible();
  await button(page, 'Take 15 kg').click();
  await expect(page.getByText('Straight to the working set').first()).toBeVisible();
  await load.fill('61.1');
  await expect(page.getByText('This load cannot be built here; these come nearest')).toBeVisible();
  await button(page, /^Take 6/)
    .first()
    .click();
  await load.fill('60');
  await button(page, 'Build set by set').click();
  await expect(page.getByText('find the groove').first()).toBeVisible();
  for (let minutes = 0; minutes < 12; minutes += 1) await button(page, /^Less: Fit/).click();
  await expect(page.getByText(/^No shorter than \d+ min/)).toBeVisible();
  await button(page, /^Take \d+ min$/).click();
  await expect(page.getByText(/^Left: 15 × 10/)).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Close', exact: true }).click();

  // Bells and stacks have ramps as bars do.
  await button(page, /^Lift: Back squat/).click();
  await button(page, 'Lat pulldown').click();
  await page.getByRole('radio', { name: 'Pulldown' }).click();
  await load.fill('40');
  await expect(page.getByText(/pin moves? handled/).first()).toBeVisible();
});

test('a room without plates says so, and what is there all the same', async ({ page }) => {
  await openDemo(page);
  const name = 'Bare bars';
  await page.evaluate(
    async ({ ids, called }) => {
      const headers = { 'X-Spalo': '1', 'Content-Type': 'application/json' };
      const { rooms } = (await (await fetch('/api/v1/rooms')).json()) as { rooms: Room[] };
      const bars = rooms[0]!.bars.slice(0, 1).map((bar) => ({ ...bar, id: ids[1]! }));
      const bare = {
        name: called,
        bars,
        plates: [],
        dumbbells: [],
        kettlebells: [],
        stacks: [],
        machines: [],
        bands: [],
        furniture: null,
      };
      const answer = await fetch(`/api/v1/rooms/${ids[0]}`, {
        method: 'PUT',
        headers,
        body: JSON.stringify(bare),
      });
      if (!answer.ok) throw new Error(await answer.text());
    },
    { ids: [randomUUID(), randomUUID()], called: name },
  );
  await page.goto('/bench');
  await page.reload();
  await page.getByRole('radio', { name }).click();
  await expect(
    page.getByText(/^No plates here fit: Short bar 15 kg is all there is$/),
  ).toBeVisible();
  await expect(page.getByText(/^All that fits is on at 15 kg$/)).toBeVisible();
  await button(page, 'Take 15 kg').click();
  await expect(page.getByText('Straight to the working set').first()).toBeVisible();
});
