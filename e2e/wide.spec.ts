import {
  expect,
  expectAccessible,
  expectNoOverflow,
  openDemo,
  test,
  openTab,
  startClient,
} from './spalo';

test.use({ scene: 'wide', viewport: { width: 1280, height: 800 } });

test('day, floor and clients use a wide screen', async ({ page }) => {
  await openDemo(page);
  // The plan of who comes next stands beside the list.
  await expect(page.getByRole('button', { name: 'Open the client’s page' })).toBeVisible();
  await expectAccessible(page);
  await expectNoOverflow(page);

  const lanes = page.getByRole('region', { name: /^Lane of/ });
  for (const [name, width, count] of [
    ['Runa Hallvard-Iyer', 1024, 1],
    ['Teodor Brisling', 1024, 2],
    ['Oluchi Venn', 1280, 3],
    ['Anselm Quay', 1600, 4],
  ] as const) {
    await page.setViewportSize({ width, height: 900 });
    await page.getByRole('link', { name: 'Day', exact: true }).click();
    await startClient(page, name);
    await expect(lanes).toHaveCount(count);
    for (const lane of await lanes.all()) {
      const box = (await lane.boundingBox())!;
      expect(box.x + box.width).toBeLessThanOrEqual(width + 1);
      await expect(lane.getByRole('button', { name: /^Log / })).toBeInViewport();
    }
  }
  await expectAccessible(page);

  await page.getByRole('link', { name: 'Clients', exact: true }).click();
  await page.getByRole('textbox', { name: 'Find a client' }).fill('ingle');
  await expect(page.getByRole('link', { name: /Ingleby/ })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Runa Hallvard-Iyer' })).toHaveCount(0);
  await page.getByRole('link', { name: /Ingleby/ }).click();
  // List and detail side by side.
  await expect(
    page.getByRole('heading', { name: 'Bartholomew Ingleby-Castellanos' }),
  ).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'Find a client' })).toBeVisible();
  await expectAccessible(page);
  await expectNoOverflow(page);
});

test('by keyboard alone: go to places, list the keys, log a set', async ({ page }) => {
  await openDemo(page);
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toContainText('Floor');
  // The panel listens for Escape a moment after it shows.
  await expect(async () => {
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toHaveCount(0, { timeout: 1000 });
  }).toPass();
  for (const [key, heading] of [
    ['c', 'Clients'],
    ['l', 'Lifts'],
    ['r', 'Boathouse loft'],
    ['d', 'Today'],
  ] as const) {
    await page.keyboard.press('g');
    await page.keyboard.press(key);
    await expect(page.getByRole('heading', { name: heading, exact: true })).toBeVisible();
  }
  // Who comes later is started from their plan, beside the list.
  await page.getByRole('button', { name: 'Plan of Caspian Dole' }).focus();
  await page.keyboard.press('Enter');
  const start = page.getByRole('button', { name: 'Start Caspian Dole' });
  // Nobody is started while what they did before is coming.
  await expect(start).toBeEnabled();
  await start.focus();
  await page.keyboard.press('Enter');
  const lane = page.getByRole('region', { name: 'Lane of Cas' });
  await lane.getByRole('button', { name: /^Done: / }).focus();
  await page.keyboard.press('Enter');
  await lane.getByRole('button', { name: 'Go to the first lift' }).focus();
  await page.keyboard.press('Enter');
  await lane.getByRole('button', { name: /^Log / }).focus();
  await page.keyboard.press('Enter');
  await expect(lane.getByRole('button', { name: /set, .*, done$/ })).toHaveCount(1);
});

test('lifts, room and settings stand on their own, and settings keep the theme', async ({
  page,
}) => {
  await openDemo(page);
  await page.getByRole('link', { name: 'Lifts', exact: true }).click();
  await page.getByRole('link', { name: 'Romanian deadlift', exact: true }).click();
  await expect(page.getByText('Back rounds during the rep')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('link', { name: 'Room', exact: true }).click();
  const target = page.getByRole('textbox', { name: 'Target, kg' });
  await expect(target).toHaveValue('40');
  await page.getByRole('button', { name: 'Target: next load up' }).click();
  await expect(target).not.toHaveValue('40');
  await expectAccessible(page);
  await page.getByRole('link', { name: /^Settings of/ }).click();
  await page.getByRole('button', { name: 'Open Appearance' }).click();
  await page.getByRole('radio', { name: 'Dark' }).click();
  await page.reload();
  await expect(page.locator('html')).toHaveClass(/dark/);
  await expect(page.getByText('Everything has been sent.').first()).toBeVisible();
  await expectAccessible(page);
  await page.goto('/nowhere');
  await expect(page.getByRole('heading', { name: 'No such page' })).toBeVisible();
});

test('screening answers are opened on purpose, and the opening is on record', async ({ page }) => {
  await openDemo(page);
  await page.getByRole('link', { name: 'Clients', exact: true }).click();
  await page.getByRole('link', { name: 'Anselm Quay' }).click();
  await openTab(page, 'About');
  await page.getByRole('button', { name: 'Open the answers' }).click();
  await expect(
    page
      .getByRole('radiogroup', { name: /heart or blood-pressure/ })
      .getByRole('radio', { name: 'Yes' }),
  ).toBeChecked();
  await expect(page.getByText(/^Maren Oskarby, today/)).toBeVisible();
  await page
    .getByRole('radiogroup', { name: /operation/ })
    .getByRole('radio', { name: 'Yes' })
    .click();
  await page.getByRole('button', { name: 'Save the answers' }).click();
  await expect(page.getByRole('button', { name: 'Saved' })).toBeVisible();
});
