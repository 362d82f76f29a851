import {
  expect,
  expectAccessible,
  expectNoOverflow,
  logSet,
  openDemo,
  test,
  untilOffline,
} from './spalo';

test.use({ scene: 'new-client' });

test('a client added by hand trains for the first time, without network', async ({
  page,
  context,
}) => {
  await openDemo(page);
  await untilOffline(page);
  await page.getByRole('link', { name: 'Clients', exact: true }).click();
  await page.getByRole('button', { name: 'Add a client' }).click();

  // Bad input is answered beside the field, and nothing typed is lost.
  await page.getByRole('textbox', { name: 'Body mass, kg' }).fill('7o');
  await page.getByRole('radio', { name: 'Back squat' }).click();
  await page.getByRole('textbox', { name: 'For how many reps' }).fill('900');
  await page.getByRole('button', { name: 'Add client' }).click();
  await expect(page.getByText('A name to call them by')).toBeVisible();
  await expect(page.getByText('A number in kg')).toBeVisible();
  await expect(page.getByText('Between 1 and 50')).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'Body mass, kg' })).toHaveValue('7o');
  await expectAccessible(page);
  await expectNoOverflow(page);

  await context.setOffline(true);
  await page
    .getByRole('textbox', { name: 'Name', exact: true })
    .fill('Wilhelmina Achterberg-Oduya');
  await page.getByRole('textbox', { name: 'Body mass, kg' }).fill('64,5');
  await page.getByRole('textbox', { name: 'Months of regular training' }).fill('2');
  await page.getByRole('textbox', { name: 'How heavy, kg' }).fill('30');
  await page.getByRole('textbox', { name: 'For how many reps' }).fill('10');
  await page.getByRole('textbox', { name: 'How many months ago' }).fill('3');
  await page.getByRole('button', { name: 'Add client' }).click();

  await expect(page.getByRole('heading', { name: 'Wilhelmina Achterberg-Oduya' })).toBeVisible();
  await expect(page.getByText('64.5 kg · 2 months of training')).toBeVisible();
  await expect(
    page.getByText('Careful start: from what the client says they lifted'),
  ).toBeVisible();
  await expect(
    page.getByText('Careful start: guessed from body mass and training time').first(),
  ).toBeVisible();
  await expect(page.getByText('Back squat: 30 × 10, 3 months ago')).toBeVisible();

  await page.getByRole('button', { name: 'Book Wilhelmina Achterberg-Oduya' }).click();
  await page.getByRole('textbox', { name: 'Time' }).fill('25:00');
  await page.getByRole('button', { name: 'Book', exact: true }).click();
  await expect(page.getByText('A time as 09:30')).toBeVisible();
  await page.getByRole('textbox', { name: 'Time' }).fill('11:45');
  await page.getByRole('button', { name: 'Book', exact: true }).click();
  await expect(page.getByRole('heading', { name: /^Next: .* 11:45$/ })).toBeVisible();

  // The first session: new to training, so one rehearsal set at most before the work.
  await page.getByRole('button', { name: 'Start a session now' }).click();
  await expect(page.getByRole('heading', { name: 'Back squat' })).toBeVisible();
  const warmUps = page.getByRole('button', { name: /^warm-up set/ });
  expect(await warmUps.count()).toBeLessThanOrEqual(1);
  await logSet(page);
  await page.getByRole('button', { name: /^More for/ }).click();
  for (const skip of await page.getByRole('button', { name: 'Skip' }).all())
    await expect(skip).toBeVisible();
  for (let left = 3; left > 0; left -= 1)
    await page.getByRole('button', { name: 'Skip' }).last().click();
  await page.getByRole('textbox', { name: 'Note' }).fill('Liked the slow count');
  await page.getByRole('button', { name: 'Keep note' }).click();
  await expect(page.getByText('Back squat: Liked the slow count')).toBeVisible();
  await page.getByRole('button', { name: 'Close' }).click();
  while (!(await page.getByText('has done everything planned').isVisible())) await logSet(page);
  await page.getByRole('button', { name: 'Wrap up', exact: true }).click();
  await page.getByRole('button', { name: 'Accept all and finish' }).click();
  await expect(page.getByRole('heading', { name: /^Next: / })).toBeVisible();
  await expect(page.getByText('As decided last time.').first()).toBeVisible();
  await expect(page.getByText(/Offline · \d+ to send/)).toBeVisible();

  await context.setOffline(false);
  await expect(page.getByText(/to send/)).toHaveCount(0);
  await page.reload();
  await expect(page.getByText('As decided last time.').first()).toBeVisible();
  await expect(page.getByRole('heading', { name: /^Next: .* 11:45$/ })).toBeVisible();
});
