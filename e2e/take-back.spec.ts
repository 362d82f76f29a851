import type { Page } from '@playwright/test';
import {
  dayAhead,
  expect,
  expectAccessible,
  logSet,
  openDemo,
  passGeneral,
  startClient,
  test,
  openTab,
} from './spalo';

test.use({ scene: 'take back' });

const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name });
const done = (page: Page) => page.getByRole('button', { name: /set, .*, done$/ });
const undo = (page: Page) => button(page, /^Undo: /);
const close = (page: Page) => page.getByRole('button', { name: 'Close', exact: true }).click();

test('what was tapped by mistake is taken back where it shows, and the session is as if it had not been', async ({
  page,
}) => {
  await openDemo(page);
  await startClient(page, 'Teodor Brisling');

  // The general part was left too soon.
  await undo(page).click();
  await expect(button(page, 'Go to the first lift')).toBeVisible();
  await passGeneral(page);

  // A set: gone, put back, gone, and logged as it was.
  await logSet(page);
  await expect(done(page)).toHaveCount(1);
  await expect(page.getByRole('status').getByText(/ × \d+ logged/)).toBeVisible();
  await expectAccessible(page);
  await undo(page).click();
  await expect(done(page)).toHaveCount(0);
  await button(page, /^Redo: /).click();
  await expect(done(page)).toHaveCount(1);
  await button(page, /^Undo: Restored/).click();
  await expect(done(page)).toHaveCount(0);

  // A note, a skipped lift, a removed set, each from the session's sheet.
  await logSet(page);
  await button(page, /^More for/).click();
  // What is written stays through a sheet that is closed.
  await page.getByRole('textbox', { name: 'Note' }).fill('half a thought');
  await page.keyboard.press('Escape');
  await button(page, /^More for/).click();
  await expect(page.getByRole('textbox', { name: 'Note' })).toHaveValue('half a thought');
  await page.getByRole('textbox', { name: 'Note' }).fill('wrong client');
  await button(page, 'Save note').click();
  await button(page, /^Remove: .*wrong client/).click();
  await expect(page.getByText('wrong client')).toHaveCount(0);
  const remove = button(page, /^Undo \d/);
  await remove.click();
  await expect(done(page)).toHaveCount(0);
  await button(page, /^Restore /).click();
  await expect(remove).toBeVisible();
  await close(page);
  await expect(done(page)).toHaveCount(1);

  // Pain that stops nothing is seen to be kept, and withdrawn; a wrong touch in its sheet stores nothing.
  await page.getByRole('button', { name: 'Pain', exact: true }).click();
  await page.getByRole('radio', { name: '9 of 10' }).click();
  await close(page);
  await expect(page.getByText(/of 10.* noted$/)).toHaveCount(0);
  await page.getByRole('button', { name: 'Pain', exact: true }).click();
  await page.getByRole('radio', { name: 'Right wrist' }).click();
  const pain = page.getByRole('radiogroup', { name: 'Pain' });
  await pain.getByRole('radio', { name: '0 of 10', exact: true }).focus();
  await page.keyboard.press('ArrowRight');
  await expect(pain.getByRole('radio', { name: '1 of 10', exact: true })).toBeChecked();
  await button(page, /^Note: ache 1 of 10/).click();
  await expect(page.getByText(/^Ache 1 of 10, .* noted$/)).toBeVisible();
  await button(page, /^Remove: /).click();
  await expect(page.getByText(/^Ache 1 of 10, .* noted$/)).toHaveCount(0);

  // The whole session was a mistake: the booking can be started again.
  await button(page, /^More for/).click();
  await button(page, 'Discard this session').click();
  await button(page, 'Discard').click();
  await expect(page.getByRole('tab')).toHaveCount(0);
  await page.getByRole('link', { name: 'Day', exact: true }).click();
  await expect(button(page, 'Start Teodor Brisling')).toBeVisible();
});

test('a set of a past session is corrected, removed and brought back where it is seen', async ({
  page,
}) => {
  await openDemo(page);
  await page.getByRole('link', { name: 'Clients', exact: true }).click();
  await page.getByRole('link', { name: 'Oluchi Venn' }).click();
  await openTab(page, 'Progress');
  const sets = button(page, /^Open .*, working$/);
  await sets.first().click();
  await page.getByRole('textbox', { name: /^Load, / }).fill('33,5');
  await expectAccessible(page);
  await button(page, 'Save correction').click();
  const corrected = button(page, /^Open 33\.5 × \d+, working/);
  await expect(corrected).toHaveCount(1);
  await corrected.click();
  await button(page, 'Remove this set').click();
  const removed = button(page, /^Open 33\.5 × \d+, working.*, removed$/);
  await expect(removed).toHaveCount(1);
  await removed.click();
  await button(page, 'Bring this set back').click();
  await expect(removed).toHaveCount(0);
  await expect(corrected).toHaveCount(1);
  await button(page, /^Wrap-up of /)
    .first()
    .click();
  await expect(page.getByText('This session is finished')).toBeVisible();

  // Reopened, decided in the trainer's own numbers, and finished again: they are what comes next.
  await button(page, 'Reopen').click();
  // What said that it is finished makes room: the rows below move up.
  await expect(page.getByText('This session is finished')).toHaveCount(0);
  await button(page, /^Change next time for /)
    .first()
    .click();
  await button(page, 'Own numbers').first().click();
  await page.getByRole('textbox', { name: 'Reps' }).fill('0');
  await button(page, 'Take these').click();
  await expect(page.getByText('Between 1 and 50')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('textbox', { name: 'Reps' }).fill('7');
  await button(page, 'Take these').click();
  await button(page, 'Finish with these').click();
  await openTab(page, 'Progress');
  await expect(page.getByText(/^Next: .* × 7\. Chosen by the trainer\.$/)).toBeVisible();
});

test('a booking is moved, asked about where it has passed, and cancelled', async ({ page }) => {
  await openDemo(page);
  const plan = button(page, 'Plan of Anselm Quay');
  const more = button(page, /^Move or cancel Anselm Quay/);
  await plan.click();
  await more.click();
  await page.getByRole('textbox', { name: 'Day' }).fill('2020-01-01');
  await button(page, 'Move it').click();
  await expect(page.getByText('That time has passed. Is it meant?')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('textbox', { name: 'Day' }).fill(dayAhead(1));
  await page.getByRole('textbox', { name: 'Time' }).fill('21:30');
  await button(page, /^Move it/).click();
  await expect(plan).toHaveCount(0);
  await button(page, 'Day after').click();
  await plan.last().click();
  await button(page, 'Move or cancel Anselm Quay, 21:30').click();
  // Called off late it stays in the day; what was a mistake goes.
  await page.getByRole('radio', { name: 'Cancelled late' }).click();
  await expect(page.getByText('Cancelled late').first()).toBeVisible();
  await expect(button(page, 'Start Anselm Quay')).toHaveCount(0);
  await plan.last().click();
  await more.click();
  await button(page, 'It was a mistake').click();
  await button(page, 'Remove it for good').click();
  await expect(page.getByText('Cancelled late')).toHaveCount(0);
  await expect(page.getByText(/to send/)).toHaveCount(0);
});

test('a lift is swapped, moved and asked for otherwise where it is seen; Back closes a sheet, and its address opens it', async ({
  page,
}) => {
  await openDemo(page);
  await startClient(page, 'Runa Hallvard-Iyer');
  const lift = page.getByRole('heading', { level: 1 });
  const sheet = page.getByRole('dialog');

  // Fewer sets and more reps than planned, with the load that is believed to fit, in one sheet.
  const working = button(page, /^working set, /);
  await expect(working).toHaveCount(3);
  await working.first().click();
  await button(page, 'Other working sets today').click();
  await button(page, 'Less: Sets').click();
  for (let more = 0; more < 3; more += 1) await button(page, 'More: Reps').click();
  await expectAccessible(page);
  const asked = (await button(page, /^Do 2 sets of /).textContent())!;
  const [, load, reps] = /of ([\d.]+) × (\d+)/.exec(asked)!;
  await button(page, asked).click();
  await expect(working).toHaveCount(2);
  await expect(working.first()).toHaveAccessibleName(
    new RegExp(`^working set, ${load} kg for ${reps} reps, `),
  );

  // Another lift for the second one, and then before the first.
  await button(page, /^More for/).click();
  await button(page, 'Swap Dumbbell bench press').click();
  const substitute = button(page, /^Do .*: the same movement/).first();
  const name = /^Do (.*): /.exec((await substitute.getAttribute('aria-label'))!)![1]!;
  await expectAccessible(page);
  await substitute.click();
  await button(page, `${name} earlier`).click();
  await expect(button(page, `${name} earlier`)).toHaveCount(0);
  await expect(sheet.getByRole('button', { name: /^Open / }).first()).toHaveAccessibleName(
    `Open ${name}`,
  );
  await button(page, `Open ${name}`).click();
  await expect(lift).toHaveText(name);

  // Back closes what is open, and leaves the floor only when nothing is.
  await button(page, /^More for/).click();
  await expect(sheet).toBeVisible();
  await page.goBack();
  await expect(sheet).toHaveCount(0);
  await expect(page).toHaveURL(/\/floor$/);

  // A sheet is sent by its address: it opens there, and Back closes it to the floor.
  await button(page, /^Set-up checklist/).click();
  await expect(page).toHaveURL(/sheet=checklist/);
  await page.reload();
  await expect(sheet).toBeVisible();
  await expect(page).toHaveURL(/sheet=checklist/);
  await close(page);
  await expect(page).toHaveURL(/\/floor$/);
  await expect(lift).toHaveText(name);
});

test('a flag and a measurement are changed, removed, brought back, and undone', async ({
  page,
}) => {
  await openDemo(page);
  await page.getByRole('link', { name: 'Clients', exact: true }).click();
  await page.getByRole('link', { name: 'Oluchi Venn' }).click();
  await openTab(page, 'About');
  const flags = await button(page, /^Remove the flag /).count();
  const ankle = page.getByRole('radio', { name: 'Ankle' });
  await expect(async () => {
    // What comes above it may still push the button away from under the pointer.
    if (!(await ankle.isVisible())) await button(page, 'Raise a flag').click({ timeout: 1000 });
    await expect(ankle).toBeVisible({ timeout: 1000 });
  }).toPass();
  await ankle.click();
  await page.getByRole('radio', { name: 'Left', exact: true }).click();
  await page.getByRole('radio', { name: '3 of 10 now' }).click();
  await page.getByRole('textbox', { name: 'Since' }).fill('2099-01-01');
  await button(page, 'Raise the flag').click();
  await expect(page.getByText('This day is still to come. When did it begin?')).toBeVisible();
  await page.getByRole('textbox', { name: 'Since' }).fill('');
  await button(page, 'Raise the flag').click();
  await expect(button(page, /^Remove the flag /)).toHaveCount(flags + 1);
  await undo(page).click();
  await expect(button(page, /^Remove the flag /)).toHaveCount(flags);
  await button(page, 'Restore the flag left ankle').click();
  await button(page, 'Change the flag left ankle').click();
  await page.getByRole('textbox', { name: 'What hurts' }).fill('after running');
  await button(page, 'Save the flag').click();
  await expect(page.getByText('Hurts: after running')).toBeVisible();
  await expectAccessible(page);

  await openTab(page, 'Progress');
  await page.getByRole('textbox', { name: /^Body mass, / }).fill('73,5');
  await button(page, 'Save the measurement').click();
  await button(page, /^Remove 73\.5 kg, today$/).click();
  const back = button(page, /^Restore 73\.5 kg, today$/);
  await expect(back).toBeVisible();
  await undo(page).click();
  await expect(back).toHaveCount(0);
  await expect(page.getByText(/to send/)).toHaveCount(0);
});
