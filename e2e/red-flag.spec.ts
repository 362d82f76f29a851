import { expect, expectAccessible, openDemo, startClient, test, openTab } from './spalo';

test.use({ scene: 'red-flag' });

test('chest pain ends the session and locks the client until a clearance is recorded', async ({
  page,
}) => {
  await openDemo(page);
  await startClient(page, 'Oluchi Venn');
  await page.getByRole('button', { name: 'Pain', exact: true }).click();
  // One tap: no place is asked, and no score.
  await page.getByRole('button', { name: 'Chest pain' }).click();
  await expect(page.getByRole('alert')).toContainText('Stop the session.');
  await expect(page.getByRole('button', { name: 'Call the emergency number' })).toBeVisible();
  // No lift of the session goes on, and nothing leads to the next one.
  await expect(page.getByRole('button', { name: /^Log / })).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Go to the next lift' })).toHaveCount(0);
  await expectAccessible(page);
  // Taken back and put back, the flag goes and comes with the report: what follows is locked by it.
  await page.getByRole('button', { name: 'That was a wrong tap' }).click();
  await expect(page.getByRole('button', { name: /^Log / })).toBeVisible();
  await page.getByRole('button', { name: /^Redo: / }).click();
  await expect(page.getByRole('alert')).toContainText('Stop the session.');

  await page.getByRole('button', { name: 'Wrap up', exact: true }).click();
  await expect(page.getByText(/no loaded work until a clinician/).first()).toBeVisible();
  await expect(page.getByRole('button', { name: /^Heavier/ })).toHaveCount(0);

  // Once wrapped up, nothing starts another session.
  await page.getByRole('button', { name: 'Accept all and finish' }).click();
  await page.goto('/clients');
  await page.getByRole('link', { name: 'Oluchi Venn' }).click();
  await expect(page.getByText(/is left out$/).first()).toBeVisible();
  await expect(page.getByRole('button', { name: 'Start now' })).toHaveCount(0);
  await openTab(page, 'About');
  await page
    .getByRole('radiogroup', { name: 'State of the flag chest' })
    .getByRole('radio', { name: 'Cleared' })
    .click();
  await page
    .getByRole('textbox', { name: 'Who cleared it, and what they wrote' })
    .fill('Dr Amadi, 26 November: may train');
  await page.getByRole('button', { name: 'Record the clearance' }).click();
  // What was answered before it happened is asked again, in one tap where nothing is new.
  await expect(page.getByText(/something serious was reported since/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Asked again: nothing new' }).click();
  await openTab(page, 'Next');
  await expect(page.getByText(/is left out$/)).toHaveCount(0);
});
