import { chromium } from '@playwright/test';
import { chromiumOptions } from './chromium.mjs';
import { inRoot } from './paths.mjs';

/**
 * Takes the pictures in docs/screenshots from a running demo that nobody has trained in yet:
 * `npm start`, then `npm run screenshots`.
 */
const address = process.env.ADDRESS ?? 'http://localhost:4600';
const phone = { width: 390, height: 844 };
const wide = { width: 1280, height: 800 };
const browser = await chromium.launch(chromiumOptions);
const page = await browser.newPage({ viewport: phone, baseURL: address, reducedMotion: 'reduce' });
const shoot = (name) => page.screenshot({ path: inRoot('docs/screenshots', `${name}.png`) });
const heading = (name) => page.getByRole('heading', { name, exact: true }).first().waitFor();
const button = (name) => page.getByRole('button', { name });
const settled = () =>
  page.evaluate(() =>
    document.fonts.ready.then(() => new Promise((done) => setTimeout(done, 900))),
  );

async function log() {
  await button(/^Log /).first().click();
  await settled();
}
async function start(name) {
  await page.goto('/day');
  await button(`Start ${name}`).click();
  await toFirstLift();
}
async function toTheSet() {
  const turn = button('To the set');
  if (await turn.isVisible()) await turn.click();
  await page.getByRole('group', { name: 'Reps', exact: true }).waitFor();
}
async function toFirstLift() {
  await button('Go to the first lift').click();
  await button(/^Log /).first().waitFor();
}

await page.goto('/');
await button('Open the demo studio').click();
await heading('Today');
await settled();
await shoot('day-phone');

await start('Teodor Brisling');
await log();
await start('Oluchi Venn');
await page.goto('/day');
await button('Start Runa Hallvard-Iyer').click();
await button(/^Done: /).waitFor();
await button(/^Done: /).click();
await settled();
await shoot('warm-up-general-phone');
await toFirstLift();
await log();
await log();
await page.getByRole('tab', { name: /Runa/ }).click();
while ((await button(/^working set, .*, now$/).count()) === 0) await log();
await log();
await toTheSet();
await page.getByRole('checkbox', { name: /^Rep 7/ }).click();
await settled();
await shoot('floor-working-phone');

await page.setViewportSize(wide);
await settled();
await shoot('floor-wide');
await page.goto('/day');
await heading('Today');
await settled();
await shoot('day-wide');
await page.goto('/room');
await heading('Boathouse loft');
await settled();
await shoot('room-wide');

await page.setViewportSize(phone);
await page.goto('/floor');
await page.getByRole('tab', { name: /Runa/ }).click();
await log();
await log();
await button('Pain').click();
await page.getByRole('radio', { name: 'Left shoulder' }).click();
await page.getByRole('radio', { name: '5 of 10' }).click();
await button(/^Note: /).click();
await page.getByText(/^Stop this lift/).waitFor();
await button(/^More for/).click();
await button('Wrap up this session').click();
await heading('Wrap-up');
await settled();
await shoot('wrap-up-phone');
await page.setViewportSize(wide);
await button(/^(Accept all and finish|Finish with these)$/).click();
await heading('Runa Hallvard-Iyer');
await settled();
await shoot('client-wide');
await page.setViewportSize(phone);
await settled();
await shoot('client-phone');

// A new client: what is needed now, then all of it.
const field = (name) => page.getByRole('textbox', { name, exact: true });
const next = () => button('Next').click();
await page.goto('/clients');
await button('Add a client').click();
await field('Name').fill('Wilhelmina Achterberg-Oduya');
await field('Born on').fill('12 April 1999');
await field('Body mass, kg').fill('64.5');
await page.getByRole('radio', { name: 'New', exact: true }).click();
await settled();
await shoot('new-client-phone');
await button('Ask all of it now').click();
await page.getByRole('radio', { name: 'Female', exact: true }).click();
await page
  .getByRole('radiogroup', { name: 'Agrees that health answers are kept' })
  .getByRole('radio', { name: 'Yes, agreed' })
  .click();
await next();
await field('Height, cm').fill('171');
await next();
await page.getByRole('radio', { name: 'Nervous' }).click();
await next();
for (const answers of await page.getByRole('radiogroup').all()) {
  await answers.getByRole('radio', { name: 'No' }).click();
}
// A yes that limits without closing: without clearance there would be no climb to show.
const medicine = page.getByRole('radiogroup', { name: /^Medicine/ }).first();
await medicine.getByRole('radio', { name: 'Yes' }).click();
await medicine.scrollIntoViewIfNeeded();
await next();
await button('Add client').click();
await page.getByRole('region', { name: 'Weights for the next session' }).waitFor();

// A lesson on a phone.
await page.goto('/lifts/back-squat');
await heading('Back squat');
await settled();
await shoot('lesson-phone');
// A body in a computed set-up, against the usual one of its height; then films of its sets.
const toBody = () =>
  page
    .getByRole('heading', { name: 'For this body' })
    .evaluate((node) => node.scrollIntoView({ block: 'start' }));
await page.goto('/clients');
await page.getByRole('link', { name: 'Isolde Marchbank' }).click();
await page.getByRole('tab', { name: 'Technique' }).click();
await heading('For this body');
await page.getByRole('radio', { name: 'Pull, at its start' }).click();
await toBody();
await settled();
await shoot('body-phone');
await page.setViewportSize(wide);
await page.getByRole('tab', { name: 'Progress' }).click();
await button(/^Look at the sets of/).click();
await button(/^Film of set/).waitFor();
await button(/^Look at Back squat/)
  .nth(1)
  .click();
await settled();
await shoot('review-wide');
await button(/^Look at Back squat/)
  .first()
  .click();
await button(/^Film of set/).click();
const film = async (name) => {
  await page.getByRole('radio', { name: 'Rep 8' }).click();
  await page.getByRole('heading', { level: 1 }).evaluate((node) => node.scrollIntoView());
  await settled();
  await shoot(name);
};
await page.setViewportSize(phone);
await film('film-phone');
// Weeks: a block that has stopped working.
const block = async (name) => {
  await page.goto('/clients');
  await page.getByRole('link', { name }).click();
  await button('Open the block').click();
  await heading('Is it working');
  await settled();
};
await page.setViewportSize(wide);
await block(/^Bartholomew/);
await shoot('block-wide');
// Planning: a session that is built, and the week it lies in.
const build = async () => {
  await button(/Change it$/)
    .first()
    .waitFor();
  await page.getByText('Drafting the rest again…').waitFor({ state: 'detached' });
  await settled();
};
await page.setViewportSize(wide);
await page.goto('/clients');
await page.getByRole('link', { name: 'Oluchi Venn' }).click();
await button(/^Build a session for/).click();
await build();
await shoot('builder-wide');
await page.goto('/calendar');
await button(/^Book Mon/)
  .first()
  .waitFor();
await settled();
await shoot('calendar-wide');
// Records: what a client takes home; sets that come in from a spreadsheet.
await page.goto('/clients');
await page.getByRole('link', { name: 'Isolde Marchbank' }).click();
await page.getByRole('tab', { name: 'Progress' }).click();
await button('What Isolde Marchbank takes home').click();
await page.getByText('Focus on').waitFor();
await page.setViewportSize(phone);
await settled();
await page.getByText('What went well').evaluate((part) => part.scrollIntoView());
await settled();
await shoot('take-home-phone');
await page.setViewportSize(wide);
await page.goto('/import');
const rows = ['Session date;Client;Lift;Load;Repetitions'];
for (let day = 1; day <= 24; day += 2) {
  for (const [lift, load] of [
    ['Squats', 132.5],
    ['DB Bench', 30],
    ['Lat pull down', 90],
    ['Ring dips', 10],
  ]) {
    const date = `05/${String(day).padStart(2, '0')}/2025`;
    rows.push(`${date};Teodor Brisling;${lift};${String(load + day).replace('.', ',')};8`);
  }
}
const [chooser] = await Promise.all([
  page.waitForEvent('filechooser'),
  button('Choose a file').click(),
]);
await chooser.setFiles({
  name: 'years.csv',
  mimeType: 'text/csv',
  buffer: Buffer.from(rows.join('\n')),
});
await page.getByRole('region', { name: 'How it is read' }).waitFor();
await settled();
await shoot('import-wide');
await browser.close();
