import type { Page, Route } from '@playwright/test';
import { expect, logSet, nowMs, openDemo, startClient, test } from './spalo';

test.use({ scene: 'broken' });

/** Lets the server's answer through with one change to it, as a fault or another version may send it. */
const altered =
  (change: (answer: Record<string, { [key: string]: unknown }[]>) => void) =>
  async (route: Route) => {
    const response = await route.fetch();
    const answer = (await response.json()) as Record<string, { [key: string]: unknown }[]>;
    change(answer);
    await route.fulfill({ response, json: answer });
  };

const goTo = (page: Page, place: string) =>
  page.getByRole('link', { name: place, exact: true }).click();

test('what cannot be drawn says so, and the rest goes on: screens, and logging', async ({
  page,
}) => {
  await openDemo(page);
  await startClient(page, 'Teodor Brisling');
  await logSet(page);
  // From here on the server sends a client, a room and bookings that no schema would let in.
  await page.route(
    '**/api/v1/clients',
    altered(({ clients }) => {
      Object.assign(clients!.at(-1)!, { flags: null, name: null });
    }),
  );
  await page.route(
    '**/api/v1/rooms',
    altered(({ rooms }) => {
      Object.assign(rooms![0]!, { plates: null });
    }),
  );
  await page.reload();
  // The set in hand is logged all the same, or the lane says that it cannot be shown.
  await expect(page.getByRole('link', { name: 'Lifts', exact: true })).toBeVisible();
  for (const place of ['Clients', 'Room', 'Day']) {
    await goTo(page, place);
    await expect(page.getByText(/cannot be shown$/).first()).toBeVisible();
    await expect(page.getByText(/nothing that was logged is lost/).first()).toBeVisible();
  }
  await goTo(page, 'Lifts');
  await expect(page.getByText(/cannot be shown$/)).toHaveCount(0);
  await page.unrouteAll();
  await page.reload();
  await goTo(page, 'Floor');
  await logSet(page);
  await goTo(page, 'Clients');
  await expect(page.getByText(/cannot be shown$/)).toHaveCount(0);
});

test('a clock that is far off is told of', async ({ page }) => {
  await openDemo(page);
  const answers = ({ pathname }: URL) =>
    pathname.startsWith('/api/v1/') && !pathname.endsWith('/stream');
  await page.route(answers, async (route) => {
    const response = await route.fetch();
    const headers = { ...response.headers(), date: new Date(nowMs() - 7_200_000).toUTCString() };
    await route.fulfill({ response, headers });
  });
  await page.reload();
  await expect(page.getByText('The clock of this device is 2 hours ahead')).toBeVisible();
  await page.unrouteAll({ behavior: 'ignoreErrors' });
});
