import {
  expect,
  expectAccessible,
  logSet,
  openDemo,
  startClient,
  test,
  toTheLoad,
  toWork,
} from './spalo';

test.use({ scene: 'shared bar' });

test('clients on one bar load it together in pairs, with no more handling than apart', async ({
  page,
}) => {
  await page.setViewportSize({ width: 1280, height: 1000 });
  await openDemo(page);
  for (const name of ['Isolde Marchbank', 'Caspian Dole', 'Teodor Brisling']) {
    await page.getByRole('link', { name: 'Day', exact: true }).click();
    await startClient(page, name);
  }
  const lane = page.getByRole('region', { name: 'Lane of Isa' });
  await lane.getByRole('button', { name: 'One bar with Cas or Teo: load it together' }).click();
  await page.getByRole('radio', { name: 'Teo', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'One bar with Teo' })).toBeVisible();
  const said = page.getByText(/^\d+ pairs handled together; \d+ with each plan on its own$/);
  await expect(said).toBeVisible();
  const [together, apart] = (await said.textContent())!.match(/\d+/g)!.map(Number);
  expect(together).toBeLessThanOrEqual(apart!);
  const turns = page.getByRole('list', { name: 'Common plate order' }).getByRole('listitem');
  await expect(turns.first()).toContainText('Isa');
  await expect(turns.nth(1)).toContainText('Teo');
  await expectAccessible(page);
  // As the set in hand says it, not what was just stored.
  const reason = (text: RegExp) => page.getByText(text).and(page.locator(':not([role=status] *)'));
  await page.getByRole('button', { name: 'Take this order' }).click();
  await expect(reason(/^One bar with Teo, loaded together/)).toBeVisible();
  await expect(reason(/^One bar with Isa, loaded together/)).toBeVisible();
  // The bar is one: what the one leaves on it, the other finds.
  await lane.getByRole('button', { name: /^Log / }).click();
  await expect(lane.getByRole('button', { name: /set, .*, done$/ })).toHaveCount(1);
});

test('a plate on one bar is not free for another', async ({ page }) => {
  await openDemo(page);
  await startClient(page, 'Oluchi Venn');
  await toWork(page);
  await logSet(page);

  await page.getByRole('link', { name: 'Day', exact: true }).click();
  await startClient(page, 'Runa Hallvard-Iyer');
  await page.getByRole('button', { name: 'More for Runa' }).click();
  await page.getByRole('button', { name: 'Add a lift' }).click();
  await page.getByRole('button', { name: /^Deadlift/ }).click();
  await page.getByRole('button', { name: 'Open Deadlift' }).click();
  await expect(page.getByRole('heading', { name: 'Deadlift', exact: true })).toBeVisible();

  // What nobody ever makes here, and what every plate of the room would make.
  const type = async (load: string) => {
    await toTheLoad(page);
    await page.getByRole('button', { name: /^Change the load/ }).click();
    await page.getByRole('textbox', { name: 'Type a load, kg' }).fill(load);
    await page.getByRole('button', { name: 'Take it' }).click();
  };
  await type('124');
  await expect(page.getByText('This room does not make 124 kg')).toBeVisible();
  await type('170');
  await expect(page.getByText('Oluchi has the plates for it')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: /with the plates that are free$/ }).click();
  await expect(page.getByText(/has the plates for it/)).toHaveCount(0);
  await expect(page.getByText(/^Add 20( kg)? \+ /)).toBeVisible();
});
