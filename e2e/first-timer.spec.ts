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
  toTheSet,
  untilOffline,
  openTab,
} from './spalo';

test.use({ scene: 'first-timer', serviceWorkers: 'allow' });

const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name });
const next = (page: Page) => page.getByRole('button', { name: 'Next', exact: true }).click();
const field = (page: Page, name: string) => page.getByRole('textbox', { name, exact: true });

/** The load that the card shows for a lift and a number of reps, and the range that is likely. */
async function onCard(page: Page, lift: string, reps: number): Promise<string> {
  const cell = page.getByRole('button', { name: new RegExp(`^${lift}, ${reps} reps`) });
  return (await cell.getAttribute('aria-label'))!;
}

test('a first-timer: intake, six starting weights, a climb, and related lifts follow, without network', async ({
  page,
  context,
}) => {
  await openDemo(page);
  await untilOffline(page);
  await page.getByRole('link', { name: 'Clients', exact: true }).click();
  await button(page, 'Add a client').click();
  await button(page, 'Ask all of it now').click();

  // Bad input is answered beside the field, and nothing typed is lost.
  await field(page, 'E-mail').fill('nobody');
  await next(page);
  await expect(page.getByText('A name to call them by')).toBeVisible();
  await expect(page.getByText('Not an e-mail address')).toBeVisible();
  await expect(field(page, 'E-mail')).toHaveValue('nobody');
  await expectAccessible(page);
  await expectNoOverflow(page);

  await context.setOffline(true);
  await field(page, 'E-mail').fill('');
  await field(page, 'Name').fill('Wilhelmina Achterberg-Oduya');
  await field(page, 'Likes to be called').fill('Mina');
  await field(page, 'Born on').fill('19990412');
  await page.getByRole('radio', { name: 'Female', exact: true }).click();
  await page
    .getByRole('radiogroup', { name: 'Agrees that health answers are kept' })
    .getByRole('radio', { name: 'Yes, agreed' })
    .click();
  await next(page);
  await field(page, 'Body mass, kg').fill('7o');
  await next(page);
  await expect(page.getByText('A number in kg')).toBeVisible();
  await field(page, 'Body mass, kg').fill('64,5');

  // A phone call in between: what was typed is there again.
  await page.reload();
  await page.goto('/clients');
  await expect(page.getByText('intake, step 2 of 5')).toBeVisible();
  await button(page, 'Go on with Wilhelmina Achterberg-Oduya').click();
  await expect(field(page, 'Body mass, kg')).toHaveValue('64,5');
  await field(page, 'Height, cm').fill('171');
  await next(page);
  await field(page, 'Months of regular training').fill('0');
  await page.getByRole('radio', { name: 'Nervous' }).click();
  await field(page, 'Goal, in their words').fill('Carry my own suitcase');
  await button(page, 'Add a lift they did').click();
  await page.getByRole('button', { name: 'Leg press', exact: true }).click();
  await field(page, 'Load, kg').fill('900');
  await field(page, 'Reps').fill('12');
  await expect(page.getByText('Does this look right?')).toBeVisible();
  await field(page, 'Load, kg').fill('50');
  await expect(page.getByText('Does this look right?')).toHaveCount(0);
  await expectAccessible(page);
  await next(page);
  for (const answers of await page.getByRole('radiogroup').all()) {
    await answers.getByRole('radio', { name: 'No' }).click();
  }
  await next(page);
  await field(page, 'What to know before they walk in').fill('Show first, then let her try');
  await expectNoOverflow(page);
  await button(page, 'Add client').click();

  // Six lifts, each with a load that exists, how sure it is, and why.
  await expect(page.getByRole('heading', { name: 'Wilhelmina Achterberg-Oduya' })).toBeVisible();
  await expect(page.getByText(/^64\.5 kg · new to training · \d+ years old$/)).toBeVisible();
  await expect(page.getByText('Show first, then let her try')).toBeVisible();
  const weights = page.getByRole('region', { name: 'Weights for the next session' });
  await expect(weights.getByText('climbs from here')).toHaveCount(6);
  await expect(weights.getByText(/^Careful start: /)).toHaveCount(6);
  await expect(weights.getByRole('img', { name: /^Likely between/ })).toHaveCount(6);
  const before = {
    split: await onCard(page, 'Split squat', 10),
    row: await onCard(page, 'One-arm dumbbell row', 10),
  };
  await expect(
    page.getByRole('button', { name: /^Goblet squat, 1–5 reps: closed. Under 12 months/ }),
  ).toBeVisible();
  await expectAccessible(page);
  await expectNoOverflow(page);

  // The climb: light, "4 or more left", up; it ends where three are left.
  await button(page, 'Start now').click();
  await passGeneral(page);
  await expect(page.getByRole('heading', { name: 'Goblet squat' })).toBeVisible();
  await toTheLoad(page);
  await expect(page.getByText(/^Now · climb, set 1/)).toBeVisible();
  await expectAccessible(page);
  const loadNow = async () =>
    Number(
      /now ([\d.]+)/.exec((await button(page, /^Change the load/).getAttribute('aria-label'))!)![1],
    );
  const loads: number[] = [];
  for (let set = 0; set < 4; set += 1) {
    await toTheLoad(page);
    loads.push(await loadNow());
    await toTheSet(page);
    await page.getByRole('radio', { name: '4 or more' }).click();
    await logSet(page);
  }
  expect(loads).toEqual([...loads].sort((a, b) => a - b));
  expect(loads[3]!).toBeGreaterThan(loads[0]!);
  await expect(
    page.getByText(/^Climbing: last set was 10 clean, 4 or more in reserve, up to/),
  ).toBeVisible();

  // The load card of lifts that were not done has moved, the near one more than the far one.
  await page.getByRole('link', { name: 'Clients', exact: true }).click();
  await page.getByRole('link', { name: 'Wilhelmina Achterberg-Oduya' }).click();
  await expect(page.getByRole('heading', { name: 'Load card' })).toBeVisible();
  expect(await onCard(page, 'Split squat', 10)).not.toBe(before.split);
  expect(await onCard(page, 'One-arm dumbbell row', 10)).not.toBe(before.row);
  await page.getByRole('button', { name: /^Split squat, 10 reps/ }).click();
  await expect(page.getByText(/^Goblet squat, 4 sets: \+\d+%$/)).toBeVisible();
  await expect(page.getByRole('img', { name: /^Before any set .*; now / })).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Close', exact: true }).click();

  // To the end of the session, and home; then the network is back and all of it arrives.
  await button(page, 'On the floor').click();
  while (await page.getByRole('heading', { name: 'Goblet squat' }).isVisible()) await logSet(page);
  await button(page, /^More for/).click();
  const toSkip = page.getByRole('button', { name: /^Skip / });
  // Sheets of a lane are a chunk of their own: it may still be coming.
  await expect(toSkip.first()).toBeVisible();
  for (let left = await toSkip.count(); left > 0; left -= 1) {
    await toSkip.last().click();
    await expect(toSkip).toHaveCount(left - 1);
  }
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  await page.getByRole('button', { name: 'Wrap up', exact: true }).click();
  await expect(page.getByText(/^Found on the floor: /)).toBeVisible();
  await page.getByRole('button', { name: /^(Accept all and finish|Finish with these)$/ }).click();
  await expect(weights.getByText(/^As decided last time/).first()).toBeVisible();
  await expect(page.getByText(/Offline · \d+ to send/)).toBeVisible();
  await context.setOffline(false);
  await expect(page.getByText(/to send/)).toHaveCount(0);
  await page.reload();
  await expect(weights.getByText(/^As decided last time/).first()).toBeVisible();
  await openTab(page, 'Progress');
  await expect(
    page.getByRole('button', { name: /^Goblet squat: .* Open the estimate$/ }),
  ).toBeVisible();
});

test('three fields and a choice put somebody new on the floor; the rest is asked when there is time', async ({
  page,
}) => {
  await openDemo(page);
  await page.getByRole('link', { name: 'Clients', exact: true }).click();
  await button(page, 'Add a client').click();
  await button(page, 'Save and start').click();
  for (const missing of ['A name to call them by', 'A day, as 24 Nov 2026', 'A number in kg'])
    await expect(page.getByText(missing)).toBeVisible();
  await expectAccessible(page);

  await field(page, 'Name').fill('Solveig Marran');
  await field(page, 'Born on').fill('4 may 1991');
  await expect(page.getByText('Saturday, 4 May 1991')).toBeVisible();
  await expect(field(page, 'Born on')).toHaveValue('4 may 1991');
  await field(page, 'Body mass, kg').fill('68');
  await page.getByRole('radio', { name: 'Months', exact: true }).click();
  await expectNoOverflow(page);
  await button(page, 'Save and start').click();

  // Nobody has asked the health questions: the general part, and no load.
  await expect(page.getByRole('heading', { name: 'General warm-up' })).toBeVisible();
  await button(page, 'Go to the first lift').click();
  await expect(page.getByRole('heading', { name: 'No lift is planned' })).toBeVisible();
  await expect(page.getByText(/the health questions are not answered/)).toBeVisible();

  // Their page says what is missing, until it is told.
  await page.getByRole('link', { name: 'Clients', exact: true }).click();
  await page.getByRole('link', { name: 'Solveig Marran' }).click();
  await expect(page.getByText(/^68 kg · 6 months of training · \d+ years old$/)).toBeVisible();
  await expect(page.getByText(/^Still to ask: goal, loads of before, /)).toBeVisible();
  await button(page, 'Ask what is missing').click();
  await field(page, 'Goal, in their words').fill('Row again in spring');
  await button(page, 'Save the facts').click();
  await expect(page.getByText(/^Still to ask: loads of before, /)).toBeVisible();
  await expect(page.getByText('Goal: Row again in spring')).toBeVisible();
});

test('the health questions can be asked before the first session, without the rest', async ({
  page,
}) => {
  await openDemo(page);
  await page.goto('/clients/new');
  await field(page, 'Name').fill('Eirik Tarrant');
  await field(page, 'Born on').fill('1988-11-02');
  await field(page, 'Body mass, kg').fill('82');
  await page.getByRole('radio', { name: '1–2 years', exact: true }).click();
  await button(page, 'Ask the health questions').click();
  await page.getByRole('radio', { name: 'Yes, agreed' }).click();
  await button(page, 'No to all questions that are not answered yet').click();
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  await expect(page.getByText(/^(\d+) of \1 questions answered$/)).toBeVisible();
  await button(page, 'Save and start').click();
  await expect(page.getByRole('heading', { name: 'General warm-up' })).toBeVisible();
  await button(page, 'Go to the first lift').click();
  await expect(button(page, /^Log /)).toBeVisible();
});
