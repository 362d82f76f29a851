import { randomUUID } from 'node:crypto';
import { hash } from '@node-rs/argon2';
import pg from 'pg';
import { expect, expectAccessible, logSet, test, passGeneral } from './spalo';

test.use({ scene: 'studios', demo: false });

const password = 'a long enough password';

test('the first start makes a studio; a second studio reaches nothing of it by any endpoint', async ({
  page,
  spalo,
  browser,
}) => {
  await page.goto('/');
  await expect(page.getByText('This is the first start here.')).toBeVisible();
  await page.getByRole('textbox', { name: 'Password' }).fill('short');
  await page.getByRole('button', { name: 'Make the studio' }).click();
  await expect(page.getByText('At least 10 characters', { exact: true })).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('textbox', { name: 'Name of the studio' }).fill('Quartermaster Hall');
  await page.getByRole('textbox', { name: 'Your name' }).fill('Quartermaster');
  await page.getByRole('textbox', { name: 'E-mail' }).fill('first@example.invalid');
  await page.getByRole('textbox', { name: 'Password' }).fill(password);
  await page.getByRole('button', { name: 'Make the studio' }).click();
  await expect(page.getByText('Nobody is booked')).toBeVisible();

  await page.getByRole('link', { name: 'Clients', exact: true }).click();
  await page.getByRole('button', { name: 'Add the first client' }).click();
  await page.getByRole('button', { name: 'Ask all of it now' }).click();
  await page.getByRole('textbox', { name: 'Name', exact: true }).fill('Quartermaster Client');
  await page.getByRole('textbox', { name: 'Born on' }).fill('1985-07-21');
  await page
    .getByRole('radiogroup', { name: 'Agrees that health answers are kept' })
    .getByRole('radio', { name: 'Yes, agreed' })
    .click();
  const next = () => page.getByRole('button', { name: 'Next', exact: true }).click();
  await next();
  await page.getByRole('textbox', { name: 'Body mass, kg' }).fill('80');
  await next();
  await page.getByRole('textbox', { name: 'Months of regular training' }).fill('0');
  await next();
  await page.getByRole('button', { name: /^No to all questions/ }).click();
  await next();
  await page.getByRole('button', { name: 'Add client' }).click();
  await page.getByRole('button', { name: 'Start now' }).click();
  await passGeneral(page);
  await expect(page.getByText(/to send/)).toHaveCount(0);

  // A second studio on the same server, put there by the operator.
  const owner = new pg.Client(spalo.ownerUrl);
  await owner.connect();
  const sessions = async () =>
    (await owner.query<{ client_id: string; id: string }>('SELECT client_id, id FROM sessions'))
      .rows;
  // Nothing to send may also be nothing stored yet.
  await expect.poll(async () => (await sessions()).length).toBe(1);
  const first = (await sessions())[0]!;
  const studioId = randomUUID();
  await owner.query(
    "INSERT INTO studios (id, name, unit, zone) VALUES ($1, 'Second', 'kg', 'UTC')",
    [studioId],
  );
  await owner.query(
    "INSERT INTO trainers (studio_id, id, name, email, password_hash, role) VALUES ($1, $2, 'Second', 'second@example.invalid', $3, 'owner')",
    [studioId, randomUUID(), await hash(password)],
  );
  await owner.end();

  const other = await browser.newPage({ baseURL: spalo.address });
  await other.goto('/');
  await other.getByRole('textbox', { name: 'E-mail' }).fill('second@example.invalid');
  await other.getByRole('textbox', { name: 'Password' }).fill('not the password');
  await other.getByRole('button', { name: 'Sign in' }).click();
  await expect(other.getByText('E-mail or password is not right')).toBeVisible();
  await other.getByRole('textbox', { name: 'Password' }).fill(password);
  await other.getByRole('button', { name: 'Sign in' }).click();
  await expect(other.getByText('Nobody is booked')).toBeVisible();

  const document = (await (await other.request.get('/api/v1/openapi.json')).json()) as {
    openapi: string;
    paths: Record<string, Record<string, { operationId: string; 'x-access': string }>>;
  };
  expect(document.openapi).toMatch(/^3\.1/);
  const tried: string[] = [];
  for (const [path, methods] of Object.entries(document.paths)) {
    for (const [method, operation] of Object.entries(methods)) {
      if (operation['x-access'] === 'open' || ['signOut', 'stream'].includes(operation.operationId))
        continue;
      const id = path.includes('/sessions/') ? first.id : first.client_id;
      const query = {
        bookings: '?from=2026-01-01T00:00:00.000Z&to=2026-02-01T00:00:00.000Z',
        events: '?after=0',
      };
      const url = path.replace(/\{\w+\}/g, id) + (query[operation.operationId as 'events'] ?? '');
      const answer = await other.request.fetch(url, {
        method,
        headers: { 'X-Spalo': '1' },
        ...(method !== 'get' && { data: {} }),
      });
      expect(answer.status(), url).toBeLessThan(500);
      expect(await answer.text(), url).not.toContain('Quartermaster');
      if (/\{id\}/.test(path)) expect([400, 403, 404], url).toContain(answer.status());
      tried.push(operation.operationId);
    }
  }
  expect(tried.length).toBeGreaterThan(15);
  await other.close();
});

test('a shared device shows each trainer what is theirs, and keeps for them what was not sent', async ({
  page,
  context,
}) => {
  const signIn = async (email: string) => {
    // The settings, which stand until the sign-out is through, have an e-mail field too.
    await expect(page.getByRole('button', { name: 'Sign in', exact: true })).toBeVisible();
    await page.getByRole('textbox', { name: 'E-mail' }).fill(email);
    await page.getByRole('textbox', { name: 'Password' }).fill(password);
    await page.getByRole('button', { name: 'Sign in', exact: true }).click();
    await expect(page.getByRole('link', { name: 'Floor', exact: true })).toBeVisible();
  };
  /** Entries on this device by where they stand, whoever they belong to. */
  const kept = () =>
    page.evaluate(async () => {
      const counts: Record<string, number> = {};
      for (const { name = '' } of await indexedDB.databases()) {
        if (!name.startsWith('spalo-journal')) continue;
        await new Promise<void>((resolve, reject) => {
          const opening = indexedDB.open(name);
          opening.onerror = () => reject(new Error(name));
          opening.onsuccess = () => {
            const all = opening.result.transaction('entries').objectStore('entries').getAll();
            all.onsuccess = () => {
              for (const { state } of all.result as { state: string }[]) {
                counts[state] = (counts[state] ?? 0) + 1;
              }
              opening.result.close();
              resolve();
            };
          };
        });
      }
      return counts;
    });
  await page.goto('/');
  await signIn('first@example.invalid');
  await page.getByRole('link', { name: 'Floor', exact: true }).click();
  const log = page.getByRole('button', { name: /^Log / });
  await expect(log).toBeVisible();
  // What is logged cannot be sent just now.
  await context.route('**/api/v1/events', (route) => route.abort());
  await logSet(page);
  await page.goto('/settings?part=you');
  await expect(page.getByText(/^1 thing is not sent yet\. After signing out/)).toBeVisible();
  await page.getByRole('button', { name: 'Sign out' }).click();
  await expect(page.getByRole('button', { name: 'Sign in', exact: true })).toBeVisible();
  expect(await kept()).toEqual({ waiting: 1 });

  await signIn('second@example.invalid');
  await page.getByRole('link', { name: 'Floor', exact: true }).click();
  await expect(page.getByRole('tab')).toHaveCount(0);
  await expect(log).toHaveCount(0);
  await expect(page.getByText(/to send/)).toHaveCount(0);
  await page.goto('/settings');
  await expect(page.getByText('Everything has been sent.')).toBeVisible();
  await page.goto('/settings?part=you');
  await page.getByRole('button', { name: 'Sign out' }).click();

  await signIn('first@example.invalid');
  await context.unroute('**/api/v1/events');
  await page.getByRole('link', { name: 'Floor', exact: true }).click();
  await expect(page.getByRole('button', { name: /set, .*, done$/ })).toHaveCount(1);
  await expect(page.getByText(/to send/)).toHaveCount(0);
});
