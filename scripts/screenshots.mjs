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
await settled();
await shoot('floor-warm-up-phone');
while ((await button(/^working set, .*, now$/).count()) === 0) await log();
await log();
await toTheSet();
await page.getByRole('checkbox', { name: /^Rep 7/ }).click();
await settled();
await shoot('floor-working-phone');

await page.setViewportSize(wide);
await settled();
await shoot('floor-wide');
await page.evaluate(() => document.documentElement.classList.add('dark'));
await settled();
await shoot('floor-dark-wide');
await page.evaluate(() => document.documentElement.classList.remove('dark'));
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
await page.getByRole('alert').waitFor();
await settled();
await shoot('floor-pain-phone');
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

// The intake, the first weights, the climb, the load card and the loader.
const field = (name) => page.getByRole('textbox', { name, exact: true });
const next = () => button('Next').click();
await page.goto('/clients');
await button('Add a client').click();
await field('Name').fill('Wilhelmina Achterberg-Oduya');
await field('Born on').fill('1999-04-12');
await page.getByRole('radio', { name: 'Female', exact: true }).click();
await page.getByRole('radio', { name: 'Yes, agreed' }).click();
await next();
await field('Body mass, kg').fill('64.5');
await field('Height, cm').fill('171');
await next();
await field('Months of regular training').fill('0');
await page.getByRole('radio', { name: 'Nervous' }).click();
await next();
for (const answers of await page.getByRole('radiogroup').all()) {
  await answers.getByRole('radio', { name: 'No' }).click();
}
// A yes that limits without closing: without clearance there would be no climb to show.
const medicine = page.getByRole('radiogroup', { name: /^Medicine/ });
await medicine.getByRole('radio', { name: 'Yes' }).click();
await medicine.scrollIntoViewIfNeeded();
await settled();
await shoot('intake-phone');
await next();
await button('Add client').click();
await heading('Weights for the next session');
await button('Start a session now').click();
await toFirstLift();
await log();
await toTheSet();
await page.getByRole('radio', { name: '4 or more' }).click();
await log();
await settled();
await shoot('climb-phone');

// A lesson on a phone.
await page.goto('/lifts/back-squat');
await heading('Back squat');
await settled();
await shoot('lesson-phone');
await page.goto('/clients');
await page.getByRole('link', { name: 'Isolde Marchbank' }).click();
await heading('Load card');
await page.getByRole('heading', { name: 'Load card' }).evaluate((node) => node.scrollIntoView());
await settled();
await shoot('load-card-phone');
await page.goto('/room');
await heading('Loader');
await page.getByRole('radio', { name: 'Long bar 20 kg' }).click();
await field('Target, kg').fill('60');
await button('Load 60 kg').click();
await field('Target, kg').fill('84');
await page.getByRole('heading', { name: 'Loader' }).evaluate((node) => node.scrollIntoView());
await settled();
await shoot('loader-phone');
// Weeks: a wave on a phone; wide, a block that has stopped working.
const block = async (name) => {
  await page.goto('/clients');
  await page.getByRole('link', { name }).click();
  await button('Open the block').click();
  await heading('Is it working');
  await settled();
};
await page.setViewportSize(phone);
await block('Isolde Marchbank');
await shoot('block-phone');
await page.setViewportSize(wide);
await block(/^Bartholomew/);
await shoot('block-wide');
await browser.close();
