import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { expect, expectAccessible, expectNoOverflow, openDemo, test } from './spalo';

test.use({ scene: 'room', serviceWorkers: 'allow' });

const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name });
const field = (page: Page, name: string | RegExp) => page.getByRole('textbox', { name });

async function openRoom(page: Page) {
  await openDemo(page);
  await page.getByRole('link', { name: 'Room', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Loader' })).toBeVisible();
}

test('the loader answers any target, says what to change, and what stands in the way', async ({
  page,
}) => {
  await openRoom(page);
  await page.getByRole('radio', { name: 'Long bar 20 kg' }).click();
  await field(page, 'Target, kg').fill('61');
  await expect(page.getByText('Nearest at or below')).toBeVisible();
  await expect(page.getByText('Next above')).toBeVisible();
  await expectAccessible(page);
  await expectNoOverflow(page);
  await field(page, 'Target, kg').fill('60');
  await expect(page.getByText('Exactly this')).toBeVisible();
  await button(page, 'Load 60 kg').click();
  await expect(page.getByText('On the bar now')).toBeVisible();
  await button(page, 'Target: next load up').click();
  await expect(field(page, 'Target, kg')).not.toHaveValue('60');
  await expect(page.getByText(/^(Add|Off|Clear) .* a side$/).first()).toBeVisible();

  await field(page, 'Target, kg').fill('sixty');
  await expect(page.getByText('A number in kg, up to 2,000')).toBeVisible();
  await field(page, 'Target, kg').fill('12');
  await expect(page.getByText('Long bar alone weighs 20 kg')).toBeVisible();
  await field(page, 'Target, kg').fill('50');
  await expect(page.getByText('With a second 15 kg plate it would be exact')).toHaveCount(0);
  await field(page, 'Target, kg').fill('400');
  await expect(page.getByText(/All plates that fit are on at/)).toBeVisible();
  await field(page, 'Target, kg').fill('30');
  await expect(page.getByText(/the bar lies 110 mm lower/)).toBeVisible();
  await page.getByRole('radio', { name: 'lb', exact: true }).click();
  await expect(field(page, 'Target, lb')).toHaveValue('66.1');

  // Two bars from one stock.
  await page.getByRole('radio', { name: 'kg', exact: true }).click();
  await button(page, 'Two bars at once').click();
  await field(page, 'First target, kg').fill('100');
  await field(page, 'Second target, kg').fill('100');
  await expect(
    page
      .getByText('Choose two different bars')
      .or(page.getByText(/nearest below for both|Both can stand/)),
  ).toBeVisible();
  await page
    .getByRole('radiogroup', { name: 'Second target: bar' })
    .getByRole('radio', { name: 'Short bar 15 kg' })
    .click();
  await expect(page.getByText(/nearest below for both|Both can stand/)).toBeVisible();
  await expectAccessible(page);
});

test('equipment is changed, and every load follows; nonsense is answered beside the field', async ({
  page,
  context,
}) => {
  await openRoom(page);
  await button(page, 'Add a plate').click();
  await field(page, 'Mass').fill('900');
  await button(page, 'Add the plate').click();
  await expect(page.getByText('At most 500 kg')).toBeVisible();
  await field(page, 'Mass').fill('0,5');
  await field(page, 'Diameter, mm').fill('130');
  await expectAccessible(page);
  // Also without network.
  await context.setOffline(true);
  await button(page, 'Add the plate').click();
  await expect(button(page, /^Change 0.5 kg, 2 of them/)).toBeVisible();
  await page.getByRole('radio', { name: 'Long bar 20 kg' }).click();
  await field(page, 'Target, kg').fill('61');
  await expect(page.getByText('Exactly this')).toBeVisible();
  await context.setOffline(false);
  await expect(page.getByText(/to send/)).toHaveCount(0);
  await page.reload();
  await button(page, /^Change 0.5 kg, 2 of them/).click();
  await button(page, 'Remove the plate').click();
  await expect(button(page, /^Change 0.5 kg/)).toHaveCount(0);
});

test('a room goes out and comes in as a file, all or nothing, and another begins from a preset', async ({
  page,
}) => {
  await openRoom(page);
  await button(page, 'Export or import').click();
  const download = page.waitForEvent('download');
  await button(page, 'Export CSV').click();
  const csv = await readFile(await (await download).path(), 'utf8');
  expect(csv).toContain('Trap bar');
  await field(page, 'Or paste its text').fill('kind,mass,unit,count\nplate,x,kg,2\nbarrel,1,kg,1');
  await button(page, 'Check the text').click();
  await expect(page.getByText(/^Nothing was imported/)).toBeVisible();
  await expect(page.getByText('row 3, kind')).toBeVisible();
  await expect(button(page, 'Add as a new room')).toHaveCount(0);
  await expectAccessible(page);
  await field(page, 'Or paste its text').fill(csv.replace('Boathouse loft', 'Boat shed'));
  await button(page, 'Check the text').click();
  await button(page, 'Add as a new room').click();
  await expect(page.getByRole('heading', { name: 'Boat shed' })).toBeVisible();

  await button(page, '2 rooms').click();
  await button(page, 'Begin with Hotel gym').click();
  await expect(page.getByRole('heading', { name: 'Hotel gym' })).toBeVisible();
  await expect(page.getByText('This room has no bar to load.')).toBeVisible();
  await expectNoOverflow(page);
  // The client's loads are built from the room that was chosen.
  await page.getByRole('link', { name: 'Clients', exact: true }).click();
  await page.getByRole('link', { name: 'Runa Hallvard-Iyer' }).click();
  await expect(page.getByText('Hotel gym has nothing to load it with.').first()).toBeVisible();
  await page.getByRole('link', { name: 'Room', exact: true }).click();
  await button(page, '3 rooms').click();
  await button(page, 'Remove Hotel gym…').click();
  await button(page, 'Remove Hotel gym').click();
  await expect(page.getByRole('heading', { name: 'Hotel gym' })).toHaveCount(0);
});

test('a room is described by a list as it is typed, and what stands in it decides what is done', async ({
  page,
}) => {
  await openRoom(page);
  await button(page, 'Rooms').click();
  await button(page, 'Begin with a list').click();
  const list = page.getByRole('dialog', { name: 'What is in the room' });
  await field(page, 'Everything that is there').fill(
    'bar 20, flat bench\nplates 20kg x 4, 10x4, 5x2\ndumbbells 2-20 by 2\nrowing machine, straps',
  );
  await expect(list.getByText('Bar: 1 × 20 kg')).toBeVisible();
  await expect(list.getByText('Plates: 4 × 10 kg')).toBeVisible();
  await expect(list.getByText('Not understood: rowing machine')).toBeVisible();
  await expectAccessible(page);
  await expectNoOverflow(page);
  await button(page, 'Add it as another room').click();
  await expect(page.getByRole('heading', { name: 'New room' })).toBeVisible();
  await expect(page.getByRole('group', { name: 'Rack: 0' })).toBeVisible();

  // Without a rack nobody squats under a bar; with one they do.
  const plan = async () => {
    await page.getByRole('link', { name: 'Clients', exact: true }).click();
    await page.getByRole('link', { name: 'Runa Hallvard-Iyer' }).click();
  };
  const lacks = page.getByText('New room has no rack for it');
  await plan();
  await expect(lacks.first()).toBeVisible();
  await page.getByRole('link', { name: 'Room', exact: true }).click();
  await button(page, 'One rack more').click();
  await expect(page.getByRole('group', { name: 'Rack: 1' })).toBeVisible();
  await plan();
  await expect(page.getByText(/^Back squat/).first()).toBeVisible();
  await expect(lacks).toHaveCount(0);

  await page.getByRole('link', { name: 'Room', exact: true }).click();
  await button(page, /^\d rooms$/).click();
  await button(page, 'Begin with nothing').click();
  await button(page, 'Say what stands here').click();
  await expect(page.getByRole('group', { name: 'Lane: 0' })).toBeVisible();
});

test.describe('wide', () => {
  test.use({ viewport: { width: 1280, height: 800 } });
  test('loader and equipment, client list, plan and load card stand side by side', async ({
    page,
  }) => {
    await openRoom(page);
    await expect(page.getByRole('region', { name: 'Plates' })).toBeInViewport();
    await expect(page.getByRole('region', { name: 'Loader' })).toBeInViewport();
    await expectAccessible(page);
    await page.getByRole('link', { name: 'Clients', exact: true }).click();
    await page.getByRole('link', { name: 'Runa Hallvard-Iyer' }).click();
    await expect(page.getByRole('textbox', { name: 'Find a client' })).toBeVisible();
    await expect(
      page.getByRole('region', { name: 'Weights for the next session' }),
    ).toBeInViewport();
    await expect(page.getByRole('region', { name: 'Load card' })).toBeInViewport();
    await expectAccessible(page);
    await expectNoOverflow(page);
    await page.getByRole('radio', { name: 'All lifts' }).click();
    await expect(page.getByRole('button', { name: /^Pull-up, 10 reps/ })).toBeVisible();
    await expectNoOverflow(page);
  });
});
