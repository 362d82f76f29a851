import { randomUUID } from 'node:crypto';
import { spawn } from 'node:child_process';
import { benchCore } from './bench-core.mjs';
import { chromiumOptions } from './chromium.mjs';
import { reportFirstLoad } from './first-load.mjs';
import { inRoot, clientDist, migrations, serverBundle } from './paths.mjs';
import { must } from './run.mjs';
import { ensureDebian, ensureNodeModules } from './setup.mjs';

/** Prints the figures that the project watches. Figures of time are this machine's; compare ratios. */
await ensureDebian({ chromium: true });
await ensureNodeModules();
const { buildAll } = await import('./build.mjs');
const { ensureDatabase, startCluster } = await import('./postgres.mjs');
const { chromium } = await import('@playwright/test');
const { default: pg } = await import('pg');
const { v7 } = await import('uuid');
const { longClient } = await import('./bench-long-client.mjs');
const { benchGrowth } = await import('./bench-growth.mjs');
const { benchTrainers } = await import('./bench-trainers.mjs');
const { benchFloor } = await import('./bench-floor.mjs');
/** `npm run bench -- growth` measures only how things grow, `-- floor` only the floor, `-- trainers` fifty at once. */
const only = ['growth', 'floor', 'trainers'].find((part) => process.argv.includes(part));
await buildAll();
if (!only) {
  for (const core of [
    'strength',
    'training',
    'response',
    'ramps',
    'cues',
    'attention',
    'builder',
    'import',
  ])
    await benchCore(core);
}

/** What a trainer's device sends after a morning without network: five sessions of forty events. */
const SESSIONS = 5;
const EVENTS = 40;
const BATCH = SESSIONS * EVENTS;
const BATCHES = 20;
const PORT = '4699';
const address = `http://localhost:${PORT}`;

const quantile = (values, share) =>
  [...values].sort((a, b) => a - b)[Math.ceil(values.length * share) - 1];
const settle = (milliseconds) => new Promise((resolve) => setTimeout(resolve, milliseconds));
const ms = (value) => `${value.toFixed(1)} ms`;

const COLUMNS = [
  'studio_id',
  'id',
  'seq',
  'stream',
  'stream_id',
  'type',
  'at',
  'author',
  'device',
  'payload',
];

/** Durable, as for users: the comparison is with a bare INSERT under the same promise. */
const cluster = await startCluster('bench-cluster');
const name = `b_${randomUUID().replaceAll('-', '')}`;
await ensureDatabase(cluster.ownerUrl('postgres'), name);
const env = {
  ...process.env,
  NODE_ENV: 'production',
  OWNER_DATABASE_URL: cluster.ownerUrl(name),
  APP_DATABASE_URL: cluster.appUrl(name),
  MIGRATIONS_DIR: migrations,
  DEMO_FILMS_DIR: inRoot('apps/server/demo-films'),
  CLIENT_DIR: clientDist,
  PORT,
  SPALO_DEMO: '1',
  LOG_LEVEL: 'error',
};
await must('node', [serverBundle, 'migrate'], { env });
await must('node', [serverBundle, 'demo'], { env });
const server = spawn('node', [serverBundle, 'serve'], {
  env,
  stdio: ['ignore', 'pipe', 'inherit'],
});
await new Promise((resolve) =>
  server.stdout.on('data', (chunk) => String(chunk).includes('ready') && resolve()),
);

async function signIn() {
  const answer = await fetch(`${address}/api/v1/auth/demo`, {
    method: 'POST',
    headers: { 'X-Spalo': '1' },
  });
  return answer.headers.get('set-cookie').split(';')[0];
}

async function api(cookie, method, route, body) {
  const answer = await fetch(`${address}/api/v1${route}`, {
    method,
    headers: { cookie, 'X-Spalo': '1', 'Content-Type': 'application/json' },
    ...(body && { body: JSON.stringify(body) }),
  });
  if (!answer.ok) throw new Error(`${route}: ${answer.status} ${await answer.text()}`);
  return answer.json();
}

/** Batches of several sessions, as a device would send them after a stretch without network. */
async function batches(cookie) {
  const { clients } = await api(cookie, 'GET', '/clients');
  const { trainer } = await api(cookie, 'GET', '/auth/me');
  const [someSession] = (await api(cookie, 'GET', `/clients/${clients[0].id}/sessions`)).sessions;
  const device = v7();
  let now = Date.now();
  const lifts = someSession.lifts.map((lift) => lift.plan);
  const session = (clientId) => {
    const streamId = v7();
    const event = (type, payload) => {
      now += 1;
      const at = new Date(now).toISOString();
      const origin = { stream: 'session', streamId, at, author: trainer.id, device };
      return { id: v7({ msecs: now }), ...origin, type, payload };
    };
    const start = { clientId, bookingId: null, roomId: someSession.roomId, unit: 'kg', lifts };
    const set = (step) => ({
      liftId: lifts[step % lifts.length].liftId,
      step: Math.floor(step / lifts.length),
      kind: 'working',
      loadG: 60_000,
      reps: 8,
      cleanReps: 8,
      marks: [],
      rir: 2,
      proposed: { loadG: 60_000, reps: 8 },
    });
    return [
      event('session.started', start),
      ...Array.from({ length: EVENTS - 1 }, (__, step) => event('set.logged', set(step))),
    ];
  };
  return Array.from({ length: BATCHES }, () =>
    clients.slice(0, SESSIONS).flatMap((client) => session(client.id)),
  );
}

/** The same rows in one bare INSERT a batch: no checks, no projections, no HTTP. */
async function bareInsert(list) {
  const client = new pg.Client({ connectionString: cluster.ownerUrl(name) });
  await client.connect();
  await client.query('CREATE TABLE bare_events (LIKE events INCLUDING ALL)');
  const { rows } = await client.query('SELECT id FROM studios LIMIT 1');
  let seq = 0;
  const since = performance.now();
  for (const batch of list) {
    const values = batch.flatMap((each) => [
      rows[0].id,
      each.id,
      (seq += 1),
      each.stream,
      each.streamId,
      each.type,
      each.at,
      each.author,
      each.device,
      JSON.stringify(each.payload),
    ]);
    const places = batch.map(
      (_, row) =>
        `(${Array.from({ length: COLUMNS.length }, (__, column) => `$${row * COLUMNS.length + column + 1}`).join(',')})`,
    );
    await client.query(`INSERT INTO bare_events (${COLUMNS}) VALUES ${places.join(',')}`, values);
  }
  const took = performance.now() - since;
  await client.end();
  return took;
}

async function benchAppend() {
  const cookie = await signIn();
  const warm = await batches(cookie);
  for (const events of warm.slice(0, 5)) await api(cookie, 'POST', '/events', { events });
  const list = await batches(cookie);
  const since = performance.now();
  for (const events of list) await api(cookie, 'POST', '/events', { events });
  const took = performance.now() - since;
  const bare = await bareInsert(list);
  const count = BATCH * BATCHES;
  const rate = (time) => `${Math.round((count / time) * 1000)} events/s`;
  console.log(
    `Appending ${count} events in batches of ${BATCH}: ${rate(took)}; bare INSERT of the same rows: ${rate(bare)}; ` +
      `ratio ${(took / bare).toFixed(2)} (goal: within 3)`,
  );
}

/** The longest stretch without a frame while the worker replays three years for the trends of the client's page. */
async function benchWorker(page, cookie) {
  const clientId = await longClient((...call) => api(cookie, ...call));
  await page.goto(`/clients/${clientId}`);
  await page.getByRole('heading', { name: 'Load card' }).waitFor();
  const shown = page.evaluate(async () => {
    let last = performance.now();
    let longest = 0;
    const since = last;
    const done = () => document.querySelector('[aria-label$="Open the estimate"]');
    while (!done() && performance.now() - since < 20_000) {
      await new Promise(requestAnimationFrame);
      const now = performance.now();
      longest = Math.max(longest, now - last);
      last = now;
    }
    return { longest, took: performance.now() - since };
  });
  const { longest, took } = await shown;
  console.log(
    `Client page of 8,000 sets: trends from the worker after ${ms(took)}; longest stretch without a frame meanwhile ${ms(longest)}`,
  );
}

async function benchClient() {
  const browser = await chromium.launch(chromiumOptions);
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    baseURL: address,
  });
  const page = await context.newPage();
  await page.goto('/');
  await page.getByRole('button', { name: 'Open the demo studio' }).click();
  await page.getByRole('heading', { name: 'Today' }).waitFor();
  await page.evaluate(() => navigator.serviceWorker.ready);
  await page.goto('/day');
  await page.getByRole('heading', { name: 'Today' }).waitFor();
  await settle(1500);
  await context.setOffline(true);
  const starts = [];
  for (let run = 0; run < 5; run += 1) {
    const since = performance.now();
    await page.reload({ waitUntil: 'commit' });
    await page
      .getByRole('button', { name: /^(Start|Go to|Plan of) / })
      .first()
      .waitFor();
    starts.push(performance.now() - since);
  }
  console.log(
    `Offline reload to a usable Day, warm, 5 runs: median ${ms(quantile(starts, 0.5))}, worst ${ms(Math.max(...starts))}`,
  );
  await context.setOffline(false);
  await benchWorker(page, await signIn());
  await browser.close();
}

try {
  if (!only || only === 'floor') {
    const browser = await chromium.launch(chromiumOptions);
    const { clients } = await api(await signIn(), 'GET', '/clients');
    await benchFloor(browser, address, clients);
    await browser.close();
  }
  if (!only) {
    reportFirstLoad();
    // The client first: appending leaves a hundred sessions open, and no floor is as full as that.
    await benchClient();
    await benchAppend();
  }
  if (!only || only === 'growth') await benchGrowth({ api, address, cookie: await signIn() });
  if (!only || only === 'trainers') {
    await benchTrainers({ api, signIn, address, pid: server.pid });
  }
} finally {
  server.kill('SIGTERM');
  await new Promise((resolve) => server.on('exit', resolve));
  await cluster.stop();
}
