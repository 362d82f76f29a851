import { randomUUID } from 'node:crypto';
import { expect, expectAccessible, test, openTab } from './spalo';

test.use({ scene: 'trainers', demo: false });

const owner = { email: 'olga@example.invalid', password: 'several words of mine' };
const tess = { email: 'tess@example.invalid', password: 'tess has her own words' };

/** A client as a device sends one. */
const newcomer = {
  ...{ name: 'Ines Okonedo', bodyMassG: 64_000, sex: 'unsaid', trainingMonths: 3 },
  ...{ calledName: '', phone: '', email: '', birthDate: '1991-04-12', heightMm: null },
  ...{ nervous: false, preference: 'none', goal: '', availability: '', brief: '' },
  ...{ emergencyContact: '', consentAt: null, squatLook: null, segments: null, stiff: [] },
  ...{ reports: [], programme: [], overrides: [], archivedAt: null },
};

test('a trainer is invited by a link, chooses a password, is given a new one, and leaves', async ({
  page,
  browser,
  spalo,
}) => {
  await page.goto('/');
  await page.getByRole('textbox', { name: 'Name of the studio' }).fill('Lock House');
  await page.getByRole('textbox', { name: 'Your name' }).fill('Olga');
  await page.getByRole('textbox', { name: 'E-mail' }).fill(owner.email);
  await page.getByRole('textbox', { name: 'Password' }).fill('1234567890');
  await page.getByRole('button', { name: 'Make the studio' }).click();
  await expect(page.getByText(/^Too easy to guess/)).toBeVisible();
  await page.getByRole('textbox', { name: 'Password' }).fill(owner.password);
  await page.getByRole('button', { name: 'Make the studio' }).click();
  await expect(page.getByText('Nobody is booked')).toBeVisible();

  await page.goto('/settings?part=trainers');
  await page.getByRole('textbox', { name: 'Name', exact: true }).fill('Tess');
  await page.getByRole('textbox', { name: 'E-mail' }).fill(tess.email);
  await page.getByRole('button', { name: 'Make an invitation' }).click();
  const sheet = page.getByRole('dialog', { name: 'Link for Tess' });
  const linkIn = async () => (await sheet.getByText(/\/join#/).textContent()) ?? '';
  const invitation = await linkIn();
  expect(invitation).toContain(spalo.address);
  await expectAccessible(page);
  await sheet.getByRole('button', { name: 'Close' }).click();
  await expect(page.getByText(`${tess.email} · trainer · invited`)).toBeVisible();

  const inAnotherBrowser = async () =>
    (await browser.newContext({ baseURL: spalo.address })).newPage();
  const other = await inAnotherBrowser();
  await other.goto(invitation);
  await expect(other.getByText(/^Welcome, Tess\./)).toBeVisible();
  await expectAccessible(other);
  await other.getByRole('textbox', { name: 'Password' }).fill('tesstesstess');
  await other.getByRole('button', { name: 'Go in' }).click();
  await expect(other.getByText(/^Too easy to guess/)).toBeVisible();
  await other.getByRole('textbox', { name: 'Password' }).fill(tess.password);
  await other.getByRole('button', { name: 'Go in' }).click();
  await expect(other.getByText('Nobody is booked')).toBeVisible();
  // The link has done its work.
  const late = await inAnotherBrowser();
  await late.goto(invitation);
  await expect(late.getByText('This link does not work any more')).toBeVisible();
  await late.close();

  // Where she is signed in, and her own password.
  await other.goto('/settings?part=you');
  await expect(other.getByText(/, this one$/)).toBeVisible();
  await other.getByRole('button', { name: 'Change password' }).click();
  await other.getByRole('textbox', { name: 'Password so far' }).fill('not that');
  await other.getByRole('textbox', { name: 'New password' }).fill('even more words of hers');
  await other.getByRole('button', { name: 'Change password' }).click();
  await expect(other.getByText('This is not your password')).toBeVisible();
  await other.getByRole('textbox', { name: 'Password so far' }).fill(tess.password);
  await other.getByRole('button', { name: 'Change password' }).click();
  await expect(other.getByText('Changed. Every other browser was signed out.')).toBeVisible();
  const [file] = await Promise.all([
    other.waitForEvent('download'),
    other.getByRole('button', { name: 'Download what is kept about me' }).click(),
  ]);
  expect(file.suggestedFilename()).toBe('my-own-data.json');

  await other.goto('/settings?part=trainers');
  await expect(other.getByRole('region', { name: 'Trainers' })).toBeVisible();
  await expect(other.getByRole('region', { name: 'Invite a trainer' })).toHaveCount(0);

  // The owner helps with a forgotten one: she is out at once, and in again by the link.
  await page.getByRole('button', { name: 'Change Tess' }).click();
  await page.getByRole('button', { name: 'Let them choose a new password' }).click();
  const reset = await linkIn();
  await sheet.getByRole('button', { name: 'Close' }).click();
  const phone = await inAnotherBrowser();
  await phone.goto(reset);
  await expect(phone.getByText(/^Tess, choose a new password/)).toBeVisible();
  await phone.getByRole('textbox', { name: 'Password' }).fill('the third set of words');
  await phone.getByRole('button', { name: 'Go in' }).click();
  await expect(phone.getByText('Nobody is booked')).toBeVisible();
  await other.reload();
  await expect(other.getByRole('button', { name: 'Sign in', exact: true })).toBeVisible();

  // The owner keeps each trainer to their own clients; one is then coached by both.
  await page.request.put(`/api/v1/clients/${randomUUID()}`, {
    headers: { 'X-Spalo': '1' },
    data: newcomer,
  });
  const row = phone.getByRole('link', { name: /^Ines Okonedo/ });
  await phone.goto('/clients');
  await expect(row).toBeVisible();
  await page.goto('/settings?part=studio');
  await page
    .getByRole('radiogroup', { name: 'Trainers see' })
    .getByRole('radio', { name: 'Their own' })
    .click();
  await expect(row).toHaveCount(0);
  await page.goto('/clients');
  await page.getByRole('link', { name: /^Ines Okonedo/ }).click();
  await openTab(page, 'About');
  await page.getByRole('button', { name: 'Change who coaches Ines Okonedo' }).click();
  const coaches = page.getByRole('dialog', { name: 'Who coaches Ines Okonedo' });
  await expect(coaches.getByRole('checkbox', { name: 'Olga' })).toBeChecked();
  await coaches.getByRole('checkbox', { name: 'Tess' }).click();
  await expectAccessible(page);
  await coaches.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Olga and Tess', { exact: true })).toBeVisible();
  await expect(row).toBeVisible();

  // She becomes an owner, and leaves; her name stays.
  await page.goto('/settings?part=trainers');
  await page.getByRole('button', { name: 'Change Tess' }).click();
  const tessSheet = page.getByRole('dialog', { name: 'Tess' });
  await tessSheet.getByRole('radio', { name: 'Owner' }).click();
  await expect(tessSheet.getByRole('radio', { name: 'Owner' })).toBeChecked();
  await tessSheet.getByRole('button', { name: 'Close' }).click();
  await expect(page.getByText(`${tess.email} · owner`)).toBeVisible();
  await phone.goto('/settings?part=you');
  await phone.getByRole('button', { name: 'Leave this studio' }).click();
  await phone.getByRole('radio', { name: 'Olga' }).click();
  await phone.getByRole('button', { name: 'Leave this studio; clients to Olga' }).click();
  await expect(phone.getByRole('button', { name: 'Sign in', exact: true })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('region', { name: 'Trainers' })).toBeVisible();
  await expect(page.getByText(tess.email)).toHaveCount(0);
});
