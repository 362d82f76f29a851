import type { Page } from '@playwright/test';
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

test.use({ scene: 'technique' });

const cueCard = (page: Page) => page.getByRole('button', { name: /^Focus cue: / });
const cueSaid = async (page: Page) =>
  /^Focus cue: (.*)\. Change it$/.exec((await cueCard(page).getAttribute('aria-label')) ?? '')![1]!;
const judge = (page: Page, answer: string) =>
  page.getByRole('group', { name: /^What “.*” did$/ }).getByRole('button', { name: answer });

/** Marks a rep of the set in hand with a fault, and logs it. */
async function logFaulty(page: Page, fault: string) {
  await toTheSet(page);
  await page.getByRole('checkbox', { name: /^Rep 3/ }).click();
  await page
    .getByRole('group', { name: 'What was seen in rep 3' })
    .getByRole('button', { name: fault })
    .click();
  await logSet(page);
}

test('a caving knee is marked, its remedy opened, cues judged until one helps, and kept', async ({
  page,
}) => {
  await openDemo(page);
  await startClient(page, 'Runa Hallvard-Iyer');
  await toWork(page);
  await toTheSet(page);
  await page.getByRole('checkbox', { name: /^Rep 3/ }).click();
  const seen = page.getByRole('group', { name: 'What was seen in rep 3' });
  await seen.getByRole('button', { name: 'Knees cave in' }).click();
  await seen.getByRole('button', { name: 'What helps' }).click();
  const sheet = page.getByRole('dialog', { name: 'Knees cave in' });
  await expect(sheet.getByText('Outer hips late or weak')).toBeVisible();
  await expectAccessible(page);
  await expectNoOverflow(page);
  await sheet.getByRole('button', { name: 'Say: Push the floor apart' }).click();
  await expect(cueCard(page)).toHaveAccessibleName(/Push the floor apart/);
  await logSet(page);

  // It did not help: a cue of another kind takes its place, and again.
  await judge(page, 'No change').click();
  await toTheSet(page);
  await expect(cueCard(page)).not.toHaveAccessibleName(/Push the floor apart/);
  const second = await cueSaid(page);
  await logFaulty(page, 'Knees cave in');
  await judge(page, 'No change').click();
  await toTheSet(page);
  await expect(cueCard(page)).not.toHaveAccessibleName(new RegExp(second));
  const third = await cueSaid(page);
  expect(new Set(['Push the floor apart', second, third]).size).toBe(3);
  await logSet(page);
  await judge(page, 'Helped').click();
  await expect(judge(page, 'Helped')).toHaveCount(0);

  // What helped is what they work on next time.
  await page.getByRole('button', { name: /^More for Runa/ }).click();
  await page.getByRole('button', { name: 'Wrap up this session' }).click();
  await expect(page.getByText(third).first()).toBeVisible();
});

test('another style brings its own cues, and none of the old', async ({ page }) => {
  await openDemo(page);
  await startClient(page, 'Teodor Brisling');
  await page.getByRole('button', { name: /^Set-up checklist/ }).click();
  const list = page.getByRole('dialog');
  await expect(list.getByRole('radiogroup', { name: 'Style' })).toBeVisible();
  await expect(list.getByText(/^Suggested: /)).toBeVisible();
  await list.getByRole('radio', { name: 'Low bar' }).click();
  await expect(list.getByText('Hooks a hand lower')).toBeVisible();
  await expect(list.getByText('Hook height')).toHaveCount(0);
  await page.getByRole('button', { name: 'Close' }).click();
  await toTheSet(page);
  await cueCard(page).click();
  const cues = page.getByRole('dialog', { name: 'One cue at a time' });
  await expect(
    cues.getByRole('button', { name: 'Focus on: Pull the bar into your back' }),
  ).toBeVisible();
  await expect(cues.getByRole('button', { name: /Sit down between your heels/ })).toHaveCount(0);
});

test('a lesson is read phase by phase, practised, and compared with another style', async ({
  page,
}) => {
  await openDemo(page);
  await page.getByRole('link', { name: 'Lifts', exact: true }).click();
  await page.getByRole('textbox', { name: 'Find a lift' }).fill('hamstrings kettlebell');
  await expect(page.getByRole('link', { name: 'Kettlebell swing' })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Bench press', exact: true })).toHaveCount(0);
  await expectAccessible(page);
  await page.getByRole('textbox', { name: 'Find a lift' }).fill('back squat');
  await page.getByRole('link', { name: 'Back squat', exact: true }).click();
  const phase = page.getByRole('radiogroup', { name: 'Phase' });
  await phase.getByRole('radio', { name: 'Bottom' }).click();
  await expect(page.getByText(/Hip crease below the knee top, or where/)).toBeVisible();
  await page.getByRole('radio', { name: 'Practise' }).click();
  await expect(page.getByText(/Hip crease below the knee top, or where/)).toHaveCount(0);
  await page.getByRole('button', { name: 'What is right: Depth' }).click();
  await expect(page.getByText(/Hip crease below the knee top, or where/)).toBeVisible();
  await page
    .getByRole('radiogroup', { name: 'Compare with' })
    .getByRole('radio', { name: 'Hip drive' })
    .click();
  await expect(page.getByText('Lean and knees in the first third')).toBeVisible();
  await expect(page.getByText('Hips and knees together')).toBeVisible();
  await expectAccessible(page);
  await expectNoOverflow(page);
});
