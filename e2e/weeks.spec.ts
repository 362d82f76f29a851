import type { Page } from '@playwright/test';
import {
  changeClient,
  dayAhead,
  endTheBlock,
  expect,
  expectAccessible,
  expectNoOverflow,
  logSet,
  openDemo,
  openTab,
  passGeneral,
  test,
  toTheLoad,
  untilOffline,
} from './spalo';

test.use({ scene: 'weeks', serviceWorkers: 'allow' });

const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name });

/** A session from the client's page, every set as planned, with each proposal accepted. */
async function train(page: Page, id: string) {
  await page.goto(`/clients/${id}`);
  await button(page, 'Start now').click();
  await expect(page).toHaveURL(/\/floor/);
  await passGeneral(page);
  await finish(page);
}

/** What is left of a session, as planned. */
async function finish(page: Page) {
  const wrapUp = page.getByRole('button', { name: 'Wrap up', exact: true });
  while (!(await wrapUp.isVisible())) await logSet(page);
  await wrapUp.click();
  await button(page, 'Accept all and finish').click();
  await expect(page).toHaveURL(/\/clients\//);
}

test('a wave is drafted, its first week trained without network, and what was missed moves it', async ({
  page,
  context,
}) => {
  await openDemo(page);
  const id = await changeClient(page, 'Runa Hallvard-Iyer', { programme: ['back-squat'] });
  await page.goto(`/clients/${id}`);
  await button(page, 'Plan a block').click();
  await page.getByRole('radio', { name: 'Wave: twelves to sixes' }).click();
  // As many weeks as are asked for: three, then four again.
  const weeks = page.getByRole('radiogroup', { name: 'Weeks', exact: true });
  await weeks.getByText('3').click();
  await expect(page.getByRole('img', { name: '3 weeks, 2 sessions a week' })).toBeVisible();
  await weeks.getByText('4').click();
  await page.getByRole('radiogroup', { name: 'Sessions a week' }).getByText('1').click();
  await page.getByRole('textbox', { name: 'Begins on' }).fill('soon');
  await expect(page.getByText('A day, as 24 Nov 2026')).toBeVisible();
  // It was to begin a week ago: the session of that week was missed.
  await page.getByRole('textbox', { name: 'Begins on' }).fill(dayAhead(-7));
  const ground = page.getByRole('group', { name: 'Back squat over the block' });
  await expect(ground).toBeVisible();
  await expectAccessible(page);
  await expectNoOverflow(page);
  await button(page, 'Start this block').click();
  await expect(page.getByText(/^Week 1 of 4, session 1 of 1 is next; a week later/)).toBeVisible();

  // A week is changed where it is seen, and taken back.
  const third = button(page, /^Back squat, week 3: /);
  await expect(third).toHaveAccessibleName(/3 × 8, 2 in reserve, .* as planned$/);
  await third.click();
  await button(page, 'More: Sets').click();
  await button(page, 'Save this week').click();
  await expect(third).toHaveAccessibleName(/4 × 8/);
  await button(page, /^Undo: /).click();
  await expect(third).toHaveAccessibleName(/3 × 8/);

  // Trained offline: the next session is the next week, with fewer reps and more load.
  await untilOffline(page);
  await page.goto(`/clients/${id}`);
  await expect(page.getByText(/week 1 of 4, session 1 of 1 is next/)).toBeVisible();
  await button(page, 'Start now').click();
  await passGeneral(page);
  await context.setOffline(true);
  await finish(page);
  await expect(page.getByText(/week 2 of 4, session 1 of 1 is next/)).toBeVisible();
  await button(page, 'Open the block').click();
  await expect(button(page, /^Back squat, week 1: .*, done/)).toBeVisible();
  await expect(button(page, /^Back squat, week 2: .* 3 × 10, 2 in reserve/)).toBeVisible();
  await context.setOffline(false);
  await expect(page.getByText(/to send/)).toHaveCount(0);
  await page.reload();
  await expect(button(page, /^Back squat, week 2: .* 3 × 10, 2 in reserve/)).toBeVisible();
});

test('a hand that cannot grip: others stand in, and the pull comes back lighter, asked for on the day after', async ({
  page,
}) => {
  await openDemo(page);
  const id = await changeClient(page, 'Isolde Marchbank', { programme: ['romanian-deadlift'] });
  const flags = page.getByRole('region', { name: 'Flags' });
  const weights = page.getByRole('region', { name: /weights/i });
  await page.goto(`/clients/${id}`);
  await openTab(page, 'About');
  await flags.getByRole('button', { name: 'Raise a flag' }).click();
  await page.getByRole('radio', { name: '6 of 10 now' }).click();
  await page.getByRole('radio', { name: 'Hand' }).click();
  await page.getByRole('radio', { name: 'Right' }).click();
  await page.getByRole('textbox', { name: 'What hurts' }).fill('cannot close the hand');
  await button(page, 'Raise the flag').click();
  // Her wave says what stands in for the pull, in each week to come; then it is over for now.
  await page.goto(`/clients/${id}/block`);
  await expect(page.getByText(/\. Back extension, 45° stands in\./)).toBeVisible();
  const last = button(
    page,
    /^Romanian deadlift, week 4: back extension, 45° .*3 × \d+, \d in reserve/,
  );
  await expect(last).toBeVisible();
  await endTheBlock(page);
  await page.goto(`/clients/${id}`);
  await openTab(page, 'Next');
  await expect(weights.getByText(/^Back extension/).first()).toBeVisible();

  // Two sessions round it, without a grip.
  await train(page, id);
  await train(page, id);
  await openTab(page, 'About');
  await flags.getByRole('radio', { name: 'Cleared' }).click();
  await page.getByRole('textbox', { name: /^Who cleared it/ }).fill('Her clinician');
  await button(page, 'Record the clearance').click();
  await openTab(page, 'Next');
  await expect(weights.getByText(/^Way back for the hand, step 1 of 3: 70%/)).toBeVisible();

  // It comes back lighter, two days a step; the session after asks how the day after was.
  await train(page, id);
  await expect(weights.getByText(/^Way back for the hand, step 1 of 3 again/)).toBeVisible();
  await button(page, 'Start now').click();
  await expect(page).toHaveURL(/\/floor/);
  const asked = page.getByRole('radiogroup', {
    name: 'The hand on the day after the romanian deadlift',
  });
  await asked.getByText('Worse').click();
  await passGeneral(page);
  await toTheLoad(page);
  await expect(page.getByText(/was worse on the day after/).first()).toBeVisible();
  await finish(page);
  await expect(weights.getByText(/^Way back for the hand, step 1 of 3/)).toBeVisible();
});

test('a client who has stalled is said to have, with what says so; one thing is changed and the next block starts', async ({
  page,
}) => {
  await openDemo(page);
  await page.goto('/clients');
  await page.getByRole('link', { name: /^Bartholomew/ }).click();
  await button(page, 'Open the block').click();
  const working = page.getByRole('region', { name: 'Is it working' });
  await expect(working.getByText(/^(Flat|Fading)$/).first()).toBeVisible();
  await expect(working.getByText(/ a week, likely .* sessions over /).first()).toBeVisible();
  await working.getByText('Tired of it').click();
  await expectAccessible(page);
  await endTheBlock(page);
  const next = page.getByRole('region', { name: 'The next block' });
  await expect(next.getByText(/stopped growing|loses? strength/)).toBeVisible();
  await expect(
    next.getByRole('radio', { name: /^(One set more|More reps)$/, checked: true }),
  ).toBeVisible();
  await expectAccessible(page);
  await expectNoOverflow(page);
  await button(page, 'Start the next block').click();
  await expect(page.getByText(/^Week 1 of 6, session 1 of 2 is next/)).toBeVisible();
  await expect(page.getByText(/^(One set more|Lighter, with more reps): /)).toBeVisible();
  await expect(page.getByRole('heading', { name: 'What worked before' })).toBeVisible();
});

test('lighter weeks have their reason, ask less, and are ordinary again', async ({ page }) => {
  await openDemo(page);
  await page.goto('/clients');
  await page.getByRole('link', { name: 'Teodor Brisling' }).click();
  await button(page, 'Plan a lighter week or time away').click();
  await page.getByRole('textbox', { name: 'To' }).fill('2020-01-01');
  await button(page, 'Save lighter week').click();
  await expect(page.getByText('Ends before it begins')).toBeVisible();
  await page.getByRole('textbox', { name: 'To' }).fill(dayAhead(6));
  await page.getByRole('radio', { name: 'Travel' }).click();
  await expectAccessible(page);
  await button(page, 'Save lighter week').click();
  await expect(page.getByText(/^A lighter week \(travel\)/).first()).toBeVisible();
  await button(page, /^Remove Lighter week: travel/).click();
  await expect(page.getByText(/^A lighter week/)).toHaveCount(0);
});

test('time away is planned: what falls into it is cancelled, the block waits, and the first session back is booked', async ({
  page,
}) => {
  await openDemo(page);
  await page.goto('/clients');
  await page.getByRole('link', { name: 'Runa Hallvard-Iyer' }).click();
  await button(page, 'Plan a lighter week or time away').click();
  await page.getByRole('radio', { name: 'Away' }).click();
  await page.getByRole('textbox', { name: 'To' }).fill(dayAhead(27));
  await button(page, 'Save time away').click();
  const sheet = page.getByRole('dialog', { name: /^Away until / });
  await expect(sheet.getByText(/^\d+ bookings? while they are away$/)).toBeVisible();
  await expectAccessible(page);
  await sheet.getByRole('button', { name: /^Cancel \d+ booking/ }).click();
  await expect(sheet.getByText('Nothing is booked while they are away.')).toBeVisible();
  await sheet.getByRole('button', { name: 'Book the return' }).click();
  await expect(page.getByRole('dialog').getByRole('textbox', { name: 'Day' })).toBeVisible();
  await page.keyboard.press('Escape');
  await sheet.getByRole('button', { name: 'Done' }).click();
  // Away is not a lighter week: who comes all the same is asked for what was decided.
  await expect(page.getByText(/^Away: holiday, /)).toBeVisible();
  await expect(page.getByText(/^A lighter week/)).toHaveCount(0);
  await page.reload();
  await expect(page.getByText(/^Away: holiday, /)).toBeVisible();
});
