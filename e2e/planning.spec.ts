import { randomUUID } from 'node:crypto';
import type { Browser, BrowserContext, Page } from '@playwright/test';
import type { Booking } from '@spalo/contract';
import { addDays, format, startOfISOWeek } from 'date-fns';
import ICAL from 'ical.js';
import {
  dayAhead,
  expect,
  expectAccessible,
  expectNoOverflow,
  logSet,
  newClient,
  nowMs,
  openDemo,
  passGeneral,
  type Spalo,
  test,
  untilOffline,
} from './spalo';

test.use({ scene: 'planning', serviceWorkers: 'allow' });

const button = (page: Page, name: string | RegExp) =>
  page.getByRole('button', { name, exact: typeof name === 'string' });
/** What a request of the app itself carries. */
const headers = { 'X-Spalo': '1' };

/** Somebody new whose knee is flagged. */
async function newcomer(page: Page, name: string): Promise<string> {
  const clientId = await newClient(page, { name, goal: 'Stairs without stopping' });
  const flag = {
    place: 'knee',
    side: 'left',
    note: 'aches on stairs',
    fine: '',
    since: null,
    saidBy: 'herself',
    state: 'new',
    usualPain: 2,
    degree: 'closed',
  };
  const path = `/api/v1/clients/${clientId}/flags/${randomUUID()}`;
  expect((await page.request.put(path, { data: flag, headers })).ok()).toBe(true);
  return clientId;
}

const built = (page: Page) => button(page, /Change it$/);
const namesBuilt = async (page: Page) =>
  (await built(page).evaluateAll((all) => all.map((each) => each.getAttribute('aria-label')!))).map(
    (label) => label.split(',')[0]!,
  );

/** What is drafted answers what was asked last. */
const drafted = (page: Page) => expect(page.getByText('Drafting the rest again…')).toHaveCount(0);

test('a knee and forty minutes in a hotel gym: a session is built, one lift swapped, the rest follows, it is trained', async ({
  page,
  context,
}) => {
  await openDemo(page);
  await untilOffline(page);
  await page.goto('/room');
  await button(page, /^Rooms$|rooms$/).click();
  await button(page, /^Begin with Hotel gym/).click();
  const clientId = await newcomer(page, 'Perpetua Sandoval');
  await page.goto(`/clients/${clientId}`);
  await button(page, 'Build a session for Perpetua Sandoval').click();
  await expect(built(page).first()).toBeVisible();

  await button(page, /change minutes and room/).click();
  for (let minutes = 60; minutes > 40; minutes -= 5) await button(page, 'Less: Minutes').click();
  await page.getByRole('radio', { name: 'Hotel gym' }).click();
  await button(page, 'Done').click();
  await expect(page.getByRole('img', { name: /^\d+ min of 40 min/ })).toBeVisible();
  await drafted(page);
  const first = await namesBuilt(page);
  expect(first.length).toBeGreaterThan(2);
  // Nothing that bends the knee deep under load.
  expect(first.filter((name) => /squat|lunge|leg press|step-up/i.test(name))).toEqual([]);
  await expectAccessible(page);
  await expectNoOverflow(page);

  // One lift is swapped for what it pushed out; it stays, the other is gone, and the session still fits.
  const row = built(page).nth(1);
  const out = (await namesBuilt(page))[1]!;
  await row.click();
  const other = button(page, /^Do .*: (as good|nearly as good|covers less) today$/).first();
  const taken = (await other.getAttribute('aria-label'))!.slice(3).split(':')[0]!;
  await expectAccessible(page);
  await other.click();
  await expect.poll(() => namesBuilt(page)).toContain(taken);
  const second = await namesBuilt(page);
  expect(second).not.toContain(out);
  expect(second[1]).toBe(taken);
  await expect(button(page, `Let ${out} back in`)).toBeVisible();

  // What cannot be is said with what to loosen.
  await built(page).nth(1).click();
  for (let more = 0; more < 5; more += 1) await button(page, 'More: Sets').click();
  await page.keyboard.press('Escape');
  await button(page, /change minutes and room/).click();
  for (let minutes = 40; minutes > 15; minutes -= 5) await button(page, 'Less: Minutes').click();
  await button(page, 'Done').click();
  await expect(page.getByText('No session can hold all of this')).toBeVisible();
  await expect(page.getByText(/takes about \d+ min more than there is/)).toBeVisible();
  await button(page, 'Draft it anew').click();
  await button(page, /change minutes and room/).click();
  for (let minutes = 15; minutes < 40; minutes += 5) await button(page, 'More: Minutes').click();
  await button(page, 'Done').click();
  await expect(page.getByRole('img', { name: /^\d+ min of 40 min/ })).toBeVisible();

  // Without network it is built again, begun, and trained.
  await context.setOffline(true);
  await page.reload();
  await expect(built(page).first()).toBeVisible();
  await button(page, /change minutes and room/).click();
  for (let minutes = 60; minutes > 40; minutes -= 5) await button(page, 'Less: Minutes').click();
  await button(page, 'Done').click();
  await drafted(page);
  const [lead] = await namesBuilt(page);
  await button(page, 'Start this session').click();
  await expect(page).toHaveURL(/\/floor/);
  await passGeneral(page);
  await expect(page.getByRole('heading', { name: lead!, level: 1 })).toBeVisible();
  await logSet(page);
  await context.setOffline(false);
});

/** The events of the trainer's calendar, as a calendar library reads them. */
async function feed(page: Page): Promise<{ uid: string; at: string; off: boolean }[]> {
  const { token } = await (await page.request.post('/api/v1/calendar-feed', { headers })).json();
  const text = await (await page.request.get(`/calendar/${token}.ics`)).text();
  const calendar = new ICAL.Component(ICAL.parse(text) as unknown[]);
  return calendar.getAllSubcomponents('vevent').map((each) => {
    const event = new ICAL.Event(each);
    return {
      uid: event.uid,
      at: event.startDate.toJSDate().toISOString(),
      off: each.getFirstPropertyValue('status') === 'CANCELLED',
    };
  });
}

test('a booking is repeated weekly, one is dragged, one moved by keys, one cancelled; the feed says the same', async ({
  page,
}) => {
  await page.setViewportSize({ width: 1280, height: 800 });
  await openDemo(page);
  await page.goto('/calendar');
  const before = new Set((await feed(page)).map(({ uid }) => uid));
  await button(page, 'Book').click();
  await page.getByRole('textbox', { name: 'Find a client' }).fill('isold');
  await page
    .getByRole('dialog', { name: 'Who comes?' })
    .getByRole('button', { name: 'Isolde Marchbank' })
    .click();
  // The Monday after next, which is free.
  const day = format(addDays(startOfISOWeek(nowMs()), 14), 'yyyy-MM-dd');
  await page.getByRole('textbox', { name: 'Day' }).fill(day);
  await page.getByRole('textbox', { name: 'Time' }).fill('07:00');
  await page.getByRole('radio', { name: 'Every week' }).click();
  // On the way to another day nothing breaks, and the weekday follows the day that is typed.
  const weekday = (name: string) => page.getByRole('button', { name, exact: true });
  await page.getByRole('textbox', { name: 'Day' }).fill('1.12.');
  await expect(weekday('Mon')).toHaveAttribute('aria-pressed', 'true');
  await page.getByRole('textbox', { name: 'Day' }).fill(format(addDays(day, 2), 'yyyy-MM-dd'));
  await expect(weekday('Wed')).toHaveAttribute('aria-pressed', 'true');
  await page.getByRole('textbox', { name: 'Day' }).fill(day);
  await expect(weekday('Mon')).toHaveAttribute('aria-pressed', 'true');
  for (let count = 12; count > 4; count -= 1) await button(page, 'Less: Bookings in all').click();
  await expectAccessible(page);
  await button(page, 'Book all 4').click();
  await expect(page.getByText('4 bookings made')).toBeVisible();

  const made = async () => (await feed(page)).filter(({ uid }) => !before.has(uid));
  await expect.poll(async () => (await made()).length).toBe(4);
  const zoneHour = (await made())[0]!.at.slice(11);
  await button(page, 'The week after').click();
  await button(page, 'The week after').click();
  const block = () => button(page, /^Isolde .*07:00/);
  await expect(block()).toHaveCount(1);

  // Dragged an hour and a half down and two days on.
  const grid = await button(page, /^Book Mon .*, 07:00$/).boundingBox();
  const beside = await button(page, /^Book Wed .*, 07:00$/).boundingBox();
  const from = (await block().boundingBox())!;
  await page.mouse.move(from.x + from.width / 2, from.y + 12);
  await page.mouse.down();
  await page.mouse.move(from.x + from.width / 2 + 10, from.y + 30, { steps: 4 });
  await page.mouse.move(
    from.x + from.width / 2 + (beside!.x - grid!.x),
    from.y + 12 + grid!.height * 1.5,
    { steps: 12 },
  );
  await page.mouse.up();
  await expect(page.getByText(/moved to 08:30/)).toBeVisible();
  await expect(button(page, /^Isolde .*08:30/)).toHaveCount(1);

  // By the keys alone: a quarter of an hour down.
  await button(page, 'The week after').click();
  await block().focus();
  await page.keyboard.press('Space');
  await expect(page.getByText('Isolde Marchbank taken up')).toBeAttached();
  await page.keyboard.press('ArrowDown');
  await expect(block()).toHaveCSS('transform', /matrix\(1, 0, 0, 1, 0, 18\)/);
  await page.keyboard.press('Space');
  await expect(button(page, /^Isolde .*07:15/)).toHaveCount(1);

  // Called off: it stays in the day, crossed out.
  await button(page, 'The week after').click();
  const callOff = async () => {
    await block().click();
    await button(page, 'Move or cancel').click();
    await page.getByRole('radio', { name: 'Cancelled in time' }).click();
    await expect(button(page, /^Isolde .*cancelled in time/)).toBeVisible();
  };
  await callOff();
  // Taken back in one tap it stands again.
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(button(page, /cancelled in time/)).toHaveCount(0);
  await callOff();
  await expectAccessible(page);

  const DAY = 86_400_000;
  const first = Date.parse(`${day}T${zoneHour}`);
  const at = (week: number, days = 0, minutes = 0) =>
    new Date(first + (7 * week + days) * DAY + minutes * 60_000).toISOString();
  await expect
    .poll(async () => (await made()).map(({ at: when, off }) => [when, off]))
    .toEqual([
      [at(0, 2, 90), false],
      [at(1, 0, 15), false],
      [at(2), true],
      [at(3), false],
    ]);
});

async function colleague(
  page: Page,
  browser: Browser,
  spalo: Spalo,
): Promise<[Page, BrowserContext]> {
  const email = `col-${randomUUID()}@example.invalid`;
  const data = { name: 'Tess Wold', email, role: 'trainer' };
  const { link } = await (await page.request.post('/api/v1/trainers', { data, headers })).json();
  const context = await browser.newContext({
    baseURL: spalo.address,
    viewport: { width: 390, height: 844 },
  });
  const other = await context.newPage();
  await other.goto(`/join#${link.token}`);
  await other.getByRole('textbox', { name: 'Password' }).fill('tess has her own words');
  await button(other, 'Go in').click();
  await expect(other.getByRole('heading', { name: 'Today' })).toBeVisible();
  return [other, context];
}

test('two trainers book the same bar without network: both see the crossing, and nothing is lost', async ({
  page,
  browser,
  context,
  spalo,
}) => {
  await openDemo(page);
  await untilOffline(page);
  const [other, otherContext] = await colleague(page, browser, spalo);
  await untilOffline(other);
  const tomorrow = dayAhead(1);
  const book = async (by: Page, name: string) => {
    await by.getByRole('textbox', { name: 'Find a client' }).fill(name);
    const who = by.getByRole('dialog', { name: 'Who comes?' });
    await who.getByRole('button', { name: new RegExp(`^${name}`) }).click();
    await by.getByRole('textbox', { name: 'Day' }).fill(tomorrow);
    await by.getByRole('textbox', { name: 'Time' }).fill('20:00');
    await by
      .getByRole('dialog', { name: 'Book a session' })
      .getByRole('button', { name: 'Book', exact: true })
      .click();
  };
  for (const by of [page, other]) {
    await by.goto('/calendar');
    await button(by, 'The day after').click();
    await expect(by.getByRole('button', { name: /^Book / }).first()).toBeAttached();
  }
  await context.setOffline(true);
  await otherContext.setOffline(true);
  await button(page, 'Book').click();
  await book(page, 'Runa');
  await button(other, 'Book').click();
  await book(other, 'Teodor');
  await expect(button(page, /^Runa .*20:00/)).toBeVisible();
  await expect(button(page, /^Teodor .*20:00/)).toHaveCount(0);
  await context.setOffline(false);
  await otherContext.setOffline(false);
  for (const by of [page, other]) {
    await expect(button(by, /^Runa .*20:00/)).toBeVisible();
    await expect(button(by, /^Teodor .*20:00/)).toBeVisible();
    const crossing = button(by, /Runa and Teo want .*there is one/).first();
    await expect(crossing).toBeVisible();
  }
  await button(page, /^Teodor .*20:00/).click();
  await expect(page.getByRole('region', { name: 'What the hour needs' })).toContainText(
    'one for 2',
  );
  await expectAccessible(page);
  await expectNoOverflow(page);
  await otherContext.close();
});

test('an hour that is short of a bar and a rack is arranged in one tap, and taken back', async ({
  page,
}) => {
  await openDemo(page);
  const ahead = button(page, /at once/).first();
  await ahead.click();
  const short = page.getByText(/want Short bar 15 kg at once/);
  await expect(short).toBeVisible();
  await button(page, 'Arrange the hour so').click();
  await expect(short).toHaveCount(0);
  await expect(page.getByText(/^Arranged for this hour: /)).toBeVisible();
  await expect(page.getByText(/^Short bar 15 kg: one for/)).toHaveCount(0);
  await expectAccessible(page);
  const kept = async () => {
    const [from, to] = [dayAhead(-1), dayAhead(2)].map((day) => `${day}T00:00:00.000Z`);
    const answer = await page.request.get(`/api/v1/bookings?from=${from}&to=${to}`);
    const { bookings } = (await answer.json()) as { bookings: Booking[] };
    return bookings.filter(({ arranged }) => arranged);
  };
  await expect.poll(async () => (await kept()).length).toBeGreaterThan(0);
  const [first] = await kept();
  const bar = (await kept()).flatMap(({ arranged }) => arranged!.bars);
  expect(first!.arranged!.order.length).toBeGreaterThan(2);
  expect(bar.length).toBeGreaterThan(0);
  await button(page, 'As it was planned').click();
  await expect(short).toBeVisible();
  await expect.poll(async () => (await kept()).length).toBe(0);
});

test.describe('by finger', () => {
  test.use({ hasTouch: true, viewport: { width: 1024, height: 768 } });

  test('a booking that a finger rests on is lifted and moved; a finger that moves at once scrolls', async ({
    page,
  }) => {
    await openDemo(page);
    await page.goto('/calendar');
    await button(page, 'The week after').click();
    const block = page
      .getByRole('button')
      .and(page.locator('[aria-roledescription="booking that can be moved"]'))
      .first();
    await block.scrollIntoViewIfNeeded();
    const hour = (await button(page, /^Book .*, 07:00$/)
      .first()
      .boundingBox())!.height;
    const { x, y } = (await block.boundingBox())!;
    const at = { x: Math.round(x + 8), y: Math.round(y + 8) };
    const cdp = await page.context().newCDPSession(page);
    const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', down = 0) =>
      cdp.send('Input.dispatchTouchEvent', {
        type,
        touchPoints: type === 'touchEnd' ? [] : [{ x: at.x, y: at.y + down }],
      });

    await touch('touchStart');
    for (let step = 1; step <= 6; step += 1) await touch('touchMove', -step * 12);
    await touch('touchEnd');
    await expect(block).not.toHaveAttribute('aria-pressed', 'true');
    await expect(page.getByText(/moved to|put back/i)).toHaveCount(0);

    await block.scrollIntoViewIfNeeded();
    const now = (await block.boundingBox())!;
    Object.assign(at, { x: Math.round(now.x + 8), y: Math.round(now.y + 8) });
    await touch('touchStart');
    await expect(block).toHaveAttribute('aria-pressed', 'true');
    for (let step = 1; step <= 8; step += 1) await touch('touchMove', (hour / 8) * step);
    await touch('touchEnd');
    await expect(page.getByText(/moved to/)).toBeVisible();
  });
});
