import { spawn, type ChildProcess } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { appendFile, cp, mkdtemp, rm } from 'node:fs/promises';
import os from 'node:os';
import path from 'node:path';
import AxeBuilder from '@axe-core/playwright';
import { expect, test as base, type Browser, type Page } from '@playwright/test';
import { clockAheadMs, nowIso, nowMs, setClock } from '../packages/core/src/unit/clock';
import { addDays, format } from 'date-fns';
import pg from 'pg';
import { olderDatabase } from '../scripts/fixtures.mjs';
import { serverEnv } from '../scripts/instance.mjs';
import { clientDist, serverBundle } from '../scripts/paths.mjs';
import { dropDatabase, ensureDatabase, freePort } from '../scripts/postgres.mjs';

/** The demo studio, brought in once; each test file that asks for it begins with a copy. */
const DEMO = 'e_demo';

function run(command: string, env: NodeJS.ProcessEnv): Promise<void> {
  return new Promise((resolve, reject) => {
    const child = spawn('node', [serverBundle, command], {
      env,
      stdio: ['ignore', 'ignore', 'inherit'],
    });
    child.on('exit', (code) =>
      code === 0 ? resolve() : reject(new Error(`${command} ended with ${code}`)),
    );
  });
}

async function restore(ownerUrl: string, version: number): Promise<void> {
  const owner = new pg.Client({ connectionString: ownerUrl });
  await owner.connect();
  await owner.query(olderDatabase(version));
  await owner.end();
}

/** How the server of the tests is started with the database `name` on `port`. */
function envOf(name: string, port: number): NodeJS.ProcessEnv & { OWNER_DATABASE_URL: string } {
  const inDatabase = (url: string) => url.replace(/\/postgres$/, `/${name}`);
  return {
    ...process.env,
    ...serverEnv({
      ownerUrl: inDatabase(process.env.E2E_OWNER_URL!),
      appUrl: inDatabase(process.env.E2E_APP_URL!),
    }),
    SPALO_NOW: nowIso(),
    PORT: String(port),
    LOG_LEVEL: 'error',
    SPALO_DEMO: '1',
    SPALO_GALLERY: '1',
    SPALO_CHECK_ANSWERS: '1',
  };
}

/** Sets the clock of this process to the moment of this run; its servers and browsers follow it. */
function beginAtTheMoment(): void {
  setClock(process.env.SPALO_NOW ?? null);
}

/** Has the pages of a browser tell the time by this process's clock. Timers run as they would. */
function tellTheTime(browser: Browser): void {
  const newContext = browser.newContext.bind(browser);
  browser.newContext = async (options) => {
    const context = await newContext(options);
    await context.addInitScript((ahead) => {
      const machine = Date;
      const now = () => machine.now() + ahead;
      globalThis.Date = new Proxy(machine, {
        construct: (target, given, made) =>
          Reflect.construct(target, given.length > 0 ? given : [now()], made) as object,
        get: (target, key) => (key === 'now' ? now : (Reflect.get(target, key) as unknown)),
      });
    }, clockAheadMs());
    return context;
  };
}

/** The day so many days from now, as it is typed. */
export const dayAhead = (days: number): string => format(addDays(nowMs(), days), 'yyyy-MM-dd');

/** A day as the app says it: with its weekday in the year that it is now, else with its year. */
export const asSaid = (day: string): string =>
  format(
    day,
    new Date(day).getFullYear() === new Date(nowMs()).getFullYear() ? 'EEE d MMM' : 'd MMM yyyy',
  );

/** Makes the demo studio of this run anew. Before any test file begins. */
export async function makeDemo(): Promise<void> {
  beginAtTheMoment();
  await dropDatabase(process.env.E2E_OWNER_URL!, DEMO);
  await ensureDatabase(process.env.E2E_OWNER_URL!, DEMO);
  const env = envOf(DEMO, 0);
  await run('migrate', env);
  await run('demo', env);
}

/** A real server process on a database of its own, which can be killed and started again. */
export class Spalo {
  private child: ChildProcess | null = null;
  private constructor(
    readonly address: string,
    /** For what only the database's owner can do. */
    readonly ownerUrl: string,
    private readonly env: NodeJS.ProcessEnv,
  ) {}

  /** With the demo studio, or with the database of an older version, brought to this one. */
  static async make({ demo, older }: { demo: boolean; older: number }): Promise<Spalo> {
    const name = `e_${randomUUID().replaceAll('-', '')}`;
    await ensureDatabase(process.env.E2E_OWNER_URL!, name, demo ? DEMO : undefined);
    const port = await freePort();
    const env = { ...envOf(name, port), SPALO_DEMO: demo || older > 0 ? '1' : '0' };
    if (older > 0) await restore(env.OWNER_DATABASE_URL, older);
    if (!demo) await run('migrate', env);
    const spalo = new Spalo(`http://localhost:${port}`, env.OWNER_DATABASE_URL, env);
    await spalo.start();
    return spalo;
  }

  async start(): Promise<void> {
    const child = spawn('node', [serverBundle, 'serve'], {
      env: { ...this.env, SPALO_NOW: nowIso() },
      stdio: ['ignore', 'pipe', 'inherit'],
    });
    this.child = child;
    await new Promise<void>((resolve, reject) => {
      child.stdout.on('data', (chunk: Buffer) => {
        // The line is the server's word for it: whoever starts it by hand reads the same.
        // eslint-disable-next-line no-restricted-syntax
        if (chunk.toString().includes('Spalo is ready')) resolve();
      });
      child.on('exit', () => reject(new Error('the server ended before it was ready')));
    });
  }

  /** Starts it with a client that is another version, as after an upgrade. Answers what takes its files away again. */
  async upgrade(): Promise<() => Promise<void>> {
    const dir = await mkdtemp(path.join(os.tmpdir(), 'spalo-newer-'));
    await cp(clientDist, dir, { recursive: true });
    await appendFile(path.join(dir, 'sw.js'), '\n// another version\n');
    await this.kill();
    this.env.CLIENT_DIR = dir;
    await this.start();
    return () => rm(dir, { recursive: true, force: true });
  }

  /** Ends the process at once, as a power cut would. */
  async kill(): Promise<void> {
    const { child } = this;
    if (!child) return;
    const gone = new Promise((resolve) => child.on('exit', resolve));
    child.kill('SIGKILL');
    await gone;
    this.child = null;
  }
}

/** One server for each `scene`, with or without the demo studio: a test file names its own. */
export const test = base.extend<
  object,
  { scene: string; demo: boolean; older: number; ownTimers: boolean; spalo: Spalo }
>({
  scene: ['', { option: true, scope: 'worker' }],
  demo: [true, { option: true, scope: 'worker' }],
  /** The version whose kept database to start from; 0 for none. */
  older: [0, { option: true, scope: 'worker' }],
  /** The test file moves the time of its pages itself, from `nowMs()` on. */
  ownTimers: [false, { option: true, scope: 'worker' }],
  /** The time of the test files is that of the moment, and goes on from there. */
  spalo: [
    async ({ demo, older, scene }, use) => {
      if (!scene) throw new Error('a test file names its scene');
      beginAtTheMoment();
      const spalo = await Spalo.make({ demo, older });
      await use(spalo);
      await spalo.kill();
    },
    { scope: 'worker' },
  ],
  browser: [
    async ({ browser, ownTimers, spalo: _clockIsSet }, use) => {
      if (!ownTimers) tellTheTime(browser);
      await use(browser);
    },
    { scope: 'worker' },
  ],
  baseURL: async ({ spalo }, use) => use(spalo.address),
});

export { expect, nowIso, nowMs };

export const HOUR_MS = 3_600_000;

/** From now on the page's clock is so many hours ahead of what it was. */
export const moveClock = (page: Page, hours: number) =>
  page.evaluate((ms) => {
    const was = Date;
    const now = () => was.now() + ms;
    globalThis.Date = new Proxy(was, {
      construct: (target, given, made) =>
        Reflect.construct(target, given.length > 0 ? given : [now()], made) as object,
      get: (target, key) => (key === 'now' ? now : (Reflect.get(target, key) as unknown)),
    });
  }, hours * HOUR_MS);

/** Somebody who has never trained here, made as the app makes clients; the demo is open. Answers the id. */
export async function newClient(page: Page, facts: { name: string } & Record<string, unknown>) {
  const id = randomUUID();
  const data = {
    calledName: '',
    bodyMassG: 68_000,
    sex: 'female',
    trainingMonths: 0,
    birthDate: '1988-03-02',
    heightMm: null,
    phone: '',
    email: '',
    nervous: false,
    preference: 'none',
    goal: '',
    availability: '',
    brief: '',
    emergencyContact: '',
    consentAt: null,
    squatLook: null,
    stiff: [],
    segments: null,
    reports: [],
    programme: [],
    overrides: [],
    archivedAt: null,
    ...facts,
  };
  const answer = await page.request.put(`/api/v1/clients/${id}`, {
    data,
    headers: { 'X-Spalo': '1' },
  });
  expect(answer.ok()).toBe(true);
  const no = { yes: false, note: '', clearedBy: '', clearedOn: null };
  const screened = await page.request.put(`/api/v1/clients/${id}/screening`, {
    data: { answers: { heart: no } },
    headers: { 'X-Spalo': '1' },
  });
  expect(screened.ok()).toBe(true);
  return id;
}

/** A client of the demo by name, with other facts, as if the trainer had written them before. Answers the id. */
export async function changeClient(page: Page, name: string, facts: object): Promise<string> {
  const { clients } = (await (await page.request.get('/api/v1/clients')).json()) as {
    clients: { id: string; name: string }[];
  };
  const found = clients.find((client) => client.name === name)!;
  const answer = await page.request.put(`/api/v1/clients/${found.id}`, {
    headers: { 'X-Spalo': '1' },
    data: { ...found, ...facts },
  });
  expect(answer.ok()).toBe(true);
  return found.id;
}

export async function openDemo(page: Page): Promise<void> {
  await page.goto('/');
  await page.getByRole('button', { name: 'Open the demo studio' }).click();
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
  // The rows grow once, when what the clients did before has come: a tap before that may miss.
  await expect(page.getByText(/^[\d.]+ × \d+$/).first()).toBeVisible();
}

/** A part of a client's page. */
export const openTab = (page: Page, name: 'Next' | 'Progress' | 'Technique' | 'About') =>
  page.getByRole('tab', { name, exact: true }).click();

/** The shell is served by the service worker from now on, so that a reload works without network. */
export async function untilOffline(page: Page): Promise<void> {
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
  });
}

export async function startClient(page: Page, name: string): Promise<void> {
  const start = page.getByRole('button', { name: `Start ${name}` });
  const plan = page.getByRole('button', { name: `Plan of ${name}` });
  await expect(plan).toBeVisible();
  // Those who come later are started from their plan.
  if (!(await start.isVisible())) await plan.click();
  await start.click();
  await expect(page).toHaveURL(/\/floor/);
  await passGeneral(page);
}

/** Leaves the general warm-up and goes to the first lift. */
export async function passGeneral(page: Page): Promise<void> {
  const go = page.getByRole('button', { name: 'Go to the first lift' });
  await go.click();
  await expect(go).toHaveCount(0);
  await expect(page.getByRole('button', { name: /^Log / }).first()).toBeVisible();
}

/** Taps the main button and waits for what it stored: one step more is done, or the lane has moved on. */
export async function logSet(page: Page): Promise<void> {
  const done = page.getByRole('button', { name: /set, .*, done$/ });
  const standing = async () =>
    `${await page.getByRole('heading', { level: 1 }).first().textContent()} ${await done.count()}`;
  const before = await standing();
  await expect(async () => {
    // A tap right after another counts as the same tap, so it may have to be tapped again.
    if ((await standing()) === before)
      await page.getByRole('button', { name: /^Log / }).click({ timeout: 1000 });
    await expect.poll(standing, { timeout: 500, intervals: [30] }).not.toBe(before);
  }).toPass({ intervals: [50, 200, 400, 700] });
}

/** Turns the lane from what comes between sets to the set itself, where the screen shows one of the two. */
export async function toTheSet(page: Page): Promise<void> {
  const rail = page.getByRole('group', { name: 'Reps', exact: true });
  const turn = page.getByRole('button', { name: 'To the set' });
  await expect(async () => {
    if (await turn.isVisible()) await turn.click({ timeout: 1000 });
    await expect(rail).toBeVisible({ timeout: 1000 });
  }).toPass();
}

/** And back to its load. */
export async function toTheLoad(page: Page): Promise<void> {
  const load = page.getByRole('button', { name: /^Change the load/ });
  const turn = page.getByRole('button', { name: /Back to the load$/ });
  await expect(async () => {
    if (await turn.isVisible()) await turn.click({ timeout: 1000 });
    await expect(load).toBeVisible({ timeout: 1000 });
  }).toPass();
}

/** Logs what is left of a ramp, up to the first working set. */
export async function toWork(page: Page): Promise<void> {
  const working = page.getByRole('button', { name: /^working set, .*, now$/ });
  await expect(page.getByRole('button', { name: /^Log / })).toBeVisible();
  while ((await working.count()) === 0) await logSet(page);
}

/** An entry of a log as the server holds it. */
export interface Told {
  id: string;
  type: string;
  at: string;
  author: string;
  payload: Record<string, unknown>;
}

/** What the server holds of the studio's logs since a moment. */
export async function told(page: Page, since: string): Promise<Told[]> {
  const events: Told[] = [];
  let after: string | null = '';
  while (after !== null) {
    const answer = await page.request.get(`/api/v1/events/live${after && `?after=${after}`}`);
    const body = (await answer.json()) as { events: Told[]; next: string | null };
    events.push(...body.events.filter(({ at }) => at >= since));
    after = body.next;
  }
  return events;
}

/** No violation of WCAG 2.2 AA that a machine can find. */
export async function expectAccessible(page: Page): Promise<void> {
  const { violations } = await new AxeBuilder({ page })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'])
    .analyze();
  expect(
    violations.map(({ id, nodes }) => ({
      id,
      where: nodes.map((node) => node.html.slice(0, 160)),
    })),
  ).toEqual([]);
}

/** Nothing reaches past the right edge of the window. */
export async function expectNoOverflow(page: Page): Promise<void> {
  const over = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
  expect(over).toBeLessThanOrEqual(0);
}

/** Ends the block that is open. */
export async function endTheBlock(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'More for this block' }).click();
  await page.getByRole('button', { name: 'End the block' }).click();
}
