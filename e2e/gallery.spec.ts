import { expect, expectAccessible, expectNoOverflow, openDemo, test, passGeneral } from './spalo';

test.use({ scene: 'gallery' });

for (const theme of ['light', 'dark'] as const) {
  test(`every piece in every state, ${theme}`, async ({ page }) => {
    await page.emulateMedia({ reducedMotion: 'reduce' });
    await page.goto('/gallery');
    await expect(page.getByRole('heading', { name: 'Gallery' })).toBeVisible();
    if (theme === 'dark') await page.getByRole('button', { name: 'Dark theme' }).click();
    await expect(page.locator('html')).toHaveClass(theme === 'dark' ? /dark/ : /^(?!.*dark)/);
    for (const piece of ['Button', 'Ramp, 1 step', 'Ramp, 14 steps', 'Rep rail', 'Decision card']) {
      await expect(page.getByRole('heading', { name: piece, exact: true })).toBeVisible();
    }
    await expect(
      page.getByRole('region', { name: 'Ramp, 14 steps' }).getByRole('listitem'),
    ).toHaveCount(14);
    await expectAccessible(page);
    await expectNoOverflow(page);
  });
}

test('text at 200 % stays on the screen', async ({ page }) => {
  await openDemo(page);
  for (const path of [
    '/day',
    '/clients',
    '/clients/new',
    '/lifts/back-squat',
    '/room',
    '/settings',
  ]) {
    await page.goto(path);
    await expect(page.getByRole('heading').first()).toBeVisible();
    await page.addStyleTag({ content: 'html { font-size: 200% !important }' });
    await expectNoOverflow(page);
  }
  await page.goto('/day');
  await page
    .getByRole('button', { name: /^Start / })
    .first()
    .click();
  await page.addStyleTag({ content: 'html { font-size: 200% !important }' });
  await expectNoOverflow(page);
  await expect(page.getByRole('button', { name: /^Done: / })).toBeInViewport();
  await passGeneral(page);
  await expectNoOverflow(page);
  await expect(page.getByRole('button', { name: /^Log / })).toBeInViewport();
});
