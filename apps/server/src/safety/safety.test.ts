import { spawn } from 'node:child_process';
import { cp, mkdtemp, readdir, readFile, rm, stat, utimes, writeFile } from 'node:fs/promises';
import os from 'node:os';
import path from 'node:path';
import type { Room } from '@spalo/core/room';
import { nowMs } from '@spalo/core/unit';
import pg from 'pg';
import { v7 } from 'uuid';
import { addClient, newStudio, testServer, type Agent, type TestServer } from '../test/server';
import { sessionWriter } from '../test/session-events';

const scripts = path.resolve(__dirname, '../../../../scripts');

let server: TestServer;
let agent: Agent;
let folder: string;
let trainerId: string;
let room: Room;

beforeAll(async () => {
  server = await testServer();
  ({ agent, trainerId } = await newStudio(server));
  room = (await agent.get('/api/v1/rooms')).body.rooms[0];
  folder = await mkdtemp(path.join(os.tmpdir(), 'spalo-copies-'));
});
afterAll(async () => {
  await server.close();
  await rm(folder, { recursive: true });
});

const scriptEnv = (inDatabase = (url: string) => url) => ({
  ...process.env,
  DATABASE_URL: inDatabase(server.ownerUrl),
  APP_DATABASE_URL: inDatabase(server.running.app.database.pool.options.connectionString!),
  SPALO_BACKUP_DIR: folder,
});

/** What a module prints; fails with it where the module does. */
const runModule = (code: string): Promise<string> =>
  new Promise((resolve, reject) => {
    const child = spawn('node', ['--input-type=module', '-e', code]);
    let said = '';
    for (const stream of [child.stdout, child.stderr])
      stream.on('data', (part: Buffer) => (said += part.toString()));
    child.on('close', (exit) => (exit === 0 ? resolve(said.trim()) : reject(new Error(said))));
  });

/** Runs a script of the repository's on the test's database. */
function script(
  name: string,
  args: string[] = [],
  inDatabase = (url: string) => url,
  more: Record<string, string> = {},
): Promise<{ code: number; said: string }> {
  const env = { ...scriptEnv(inDatabase), ...more };
  return new Promise((resolve) => {
    const child = spawn('node', [path.join(scripts, name), ...args], { env });
    let said = '';
    for (const stream of [child.stdout, child.stderr]) {
      stream.on('data', (text: Buffer) => (said += text.toString()));
    }
    child.on('exit', (code) => resolve({ code: code ?? 1, said }));
  });
}

const copies = async () => (await readdir(folder)).filter((name) => name.endsWith('.dump'));
const listed = async () => (await agent.get('/api/v1/safety-copies').expect(200)).body.copies;

/** Logs one session after the other until it is told to stop; notes what the server has acknowledged. */
async function write(acknowledged: string[], isOver: () => boolean): Promise<void> {
  const clientId = await addClient(agent);
  while (!isOver()) {
    const writer = sessionWriter({ clientId, trainerId, room, startMs: nowMs() });
    writer.logNext('back-squat');
    await agent.post('/api/v1/events').send({ events: writer.events }).expect(200);
    acknowledged.push(...writer.events.map(({ id }) => id));
  }
}

describe('a safety copy', () => {
  it('taken while eight devices write holds all that was acknowledged before it began', async () => {
    const acknowledged: string[] = [];
    let over = false;
    const writers = Array.from({ length: 8 }, () => write(acknowledged, () => over));
    while (acknowledged.length < 100) await new Promise((resolve) => setImmediate(resolve));
    const before = [...acknowledged];
    const made = await script('backup.mjs');
    const during = acknowledged.length - before.length;
    over = true;
    await Promise.all(writers);
    expect(made.said).toMatch(/^Sound: /m);
    expect(made.code).toBe(0);
    // They went on while it was made.
    expect(during).toBeGreaterThan(0);
    expect((await listed())[0]).toMatchObject({ problem: '', removedAt: null });
    expect((await listed())[0].verifiedAt).not.toBeNull();

    // Restored into a database of its own.
    const [name] = await copies();
    const database = `t_${v7().replaceAll('-', '')}`;
    const admin = new pg.Client({ connectionString: server.ownerUrl });
    await admin.connect();
    await admin.query(`CREATE DATABASE ${database}`);
    await admin.end();
    const inDatabase = (url: string) => url.replace(/\/[^/]+$/, `/${database}`);
    const url = inDatabase(server.ownerUrl);
    const put = await script('restore.mjs', [path.join(folder, name!)], inDatabase);
    expect([put.code, put.said]).toEqual([0, expect.stringMatching(/^Restored /m)]);
    const restored = new pg.Client({ connectionString: url });
    await restored.connect();
    const { rows } = await restored.query<{ id: string }>('SELECT id FROM events');
    await restored.end();
    const there = new Set(rows.map(({ id }) => id));
    expect(before.filter((id) => !there.has(id))).toEqual([]);
  });

  it('put back erases again whoever was erased since it was made', async () => {
    const [stays, goes] = [await addClient(agent), await addClient(agent)];
    expect((await script('backup.mjs')).code).toBe(0);
    const [older] = (await copies()).sort().reverse();
    // As it is carried to another disk, where no rule takes it away.
    const carried = await mkdtemp(path.join(os.tmpdir(), 'spalo-carried-'));
    for (const name of [older!, older!.replace('.dump', '.json')])
      await cp(path.join(folder, name), path.join(carried, name));
    await agent.delete(`/api/v1/clients/${goes}`).expect(200);
    // The next copy writes down beside all of them who is gone.
    expect((await script('backup.mjs')).code).toBe(0);
    const kept = await stat(path.join(folder, 'erased.txt'));
    expect([kept.mode & 0o077, (await stat(folder)).mode & 0o077]).toEqual([0, 0]);
    const database = `restored_${v7().replaceAll('-', '').slice(0, 12)}`;
    const admin = new pg.Client({ connectionString: server.ownerUrl });
    await admin.connect();
    await admin.query(`CREATE DATABASE ${database}`);
    await admin.end();
    const inDatabase = (url: string) => url.replace(/\/[^/]+$/, `/${database}`);
    const put = await script('restore.mjs', [path.join(carried, older!)], inDatabase);
    await rm(carried, { recursive: true });
    expect([put.code, put.said]).toEqual([0, expect.stringMatching(/^Erased again: 1 client$/m)]);
    const restored = new pg.Client({ connectionString: inDatabase(server.ownerUrl) });
    await restored.connect();
    const { rows } = await restored.query<{ id: string }>('SELECT id FROM clients');
    await restored.end();
    const ids = rows.map(({ id }) => id);
    expect([ids.includes(stays), ids.includes(goes)]).toEqual([true, false]);
  });

  it('that was cut off leaves nothing past the next one', async () => {
    const killed = ['spalo-2026-01-01.dump.part', 'spalo-2026-01-01.dump.999999.part'];
    for (const name of killed) await writeFile(path.join(folder, name), 'health data');
    const admin = new pg.Client({ connectionString: server.ownerUrl });
    await admin.connect();
    await admin.query('CREATE DATABASE spalo_scratch_999999_left');
    expect((await script('backup.mjs')).code).toBe(0);
    const { rows } = await admin.query(
      "SELECT 1 FROM pg_database WHERE datname = 'spalo_scratch_999999_left'",
    );
    await admin.end();
    expect(rows).toEqual([]);
    expect((await readdir(folder)).filter((name) => name.endsWith('.part'))).toEqual([]);
  });

  it('that is killed at any of its steps leaves nothing readable, and nothing past the next one', async () => {
    const scratch = async () =>
      (await server.sql("SELECT 1 FROM pg_database WHERE datname LIKE 'spalo_scratch_%'")).length;
    const steps: (() => Promise<boolean>)[] = [
      // Its bytes are on their way; then it is whole, and being restored beside.
      async () => (await readdir(folder)).some((name) => name.endsWith('.part')),
      async () => (await scratch()) > 0,
    ];
    for (const isReached of steps) {
      const child = spawn('node', [path.join(scripts, 'backup.mjs')], { env: scriptEnv() });
      const gone = new Promise((resolve) => child.on('exit', resolve));
      while (!(await isReached())) await new Promise((resolve) => setImmediate(resolve));
      child.kill('SIGKILL');
      await gone;
      for (const name of await readdir(folder)) {
        expect([name, (await stat(path.join(folder, name))).mode & 0o077]).toEqual([name, 0]);
      }
    }
    const alone = path.join(folder, 'spalo-2026-01-01.json');
    await writeFile(alone, '{}');
    await utimes(alone, 0, 0);
    const next = await script('backup.mjs');
    expect([next.code, next.said]).toEqual([0, expect.stringMatching(/^Sound: /m)]);
    const names = await readdir(folder);
    expect(names.filter((name) => name.endsWith('.part'))).toEqual([]);
    expect(names).not.toContain('spalo-2026-01-01.json');
    expect(await scratch()).toBe(0);
    for (const name of names.filter((each) => each.endsWith('.dump')))
      expect(names).toContain(name.replace('.dump', '.json'));
  });

  it('that was damaged is found, and said in the settings', async () => {
    const [name] = await copies();
    const file = path.join(folder, name!);
    const whole = await readFile(file);
    const bent = Buffer.from(whole);
    bent[bent.length >> 1]! ^= 1;
    await writeFile(file, bent);
    const found = await script('backup.mjs', ['--verify']);
    expect([found.code, found.said]).toEqual([1, expect.stringMatching(/NOT SOUND, its bytes/)]);
    expect((await listed())[0]).toMatchObject({ verifiedAt: null });
    expect((await listed())[0].problem).toMatch(/bytes have changed/);
    await writeFile(file, whole);
    expect((await script('backup.mjs', ['--verify'])).code).toBe(0);
    expect((await listed())[0]).toMatchObject({ problem: '' });
  });

  it('that says it held something else is found as well, and one that cannot be restored', async () => {
    const [name] = await copies();
    const manifest = path.join(folder, name!.replace('.dump', '.json'));
    const said = JSON.parse(await readFile(manifest, 'utf8'));
    said.tables.clients.rows += 1;
    await writeFile(manifest, JSON.stringify(said));
    const found = await script('backup.mjs', ['--verify']);
    expect(found.said).toMatch(/NOT SOUND, restored, it holds something else in clients/);
    said.tables.clients.rows -= 1;
    await writeFile(manifest, JSON.stringify(said));
    // No list of processes and no message names the password.
    expect(found.said).not.toContain(new URL(server.ownerUrl).password);
  });
});

describe('a copy that is sealed', () => {
  const keyOf = async () =>
    /SPALO_COPY_KEY=(\S+)/.exec((await script('backup.mjs', ['--new-key'])).said)![1]!;
  const same = (url: string) => url;

  it('is proven with its key, read by nobody without it, and told in the settings', async () => {
    const [key, other] = [await keyOf(), await keyOf()];
    expect(key).not.toBe(other);
    const name = await addClient(agent).then(() => 'Client');
    const made = await script('backup.mjs', [], same, { SPALO_COPY_KEY: key });
    expect([made.code, made.said]).toEqual([
      0,
      expect.stringMatching(/^Sound: .*\.dump\.sealed$/m),
    ]);
    const file = /^Sound: (.*)$/m.exec(made.said)![1]!;
    const bytes = await readFile(file);
    for (const word of ['PGDMP', 'clients', name]) expect(bytes.includes(word)).toBe(false);
    expect((await stat(file)).mode & 0o777).toBe(0o600);
    expect((await listed())[0]).toMatchObject({ sealed: true, problem: '' });
    const without = await script('backup.mjs', ['--verify']);
    expect(without.said).toMatch(/NOT SOUND, it is sealed, and SPALO_COPY_KEY is not given/);
    const wrong = await script('backup.mjs', ['--verify'], same, { SPALO_COPY_KEY: other });
    expect(wrong.said).toMatch(/NOT SOUND, it cannot be restored: the key is another one/);
    const again = await script('backup.mjs', ['--verify'], same, { SPALO_COPY_KEY: key });
    expect(again.code).toBe(0);
    const none = await script('backup.mjs', [], same, { SPALO_COPY_KEY: 'short' });
    expect([none.code, none.said]).toEqual([1, expect.stringMatching(/is no key/)]);
    await rm(file);
    await rm(file.replace('.dump.sealed', '.json'));
  });

  it('cannot lose, swap or gain a byte without its being found', async () => {
    const code = `
      import { randomBytes } from 'node:crypto';
      const { sealed, opened, newKey, givenKey } = await import(${JSON.stringify(path.join(scripts, 'sealed.mjs'))});
      const key = givenKey(newKey());
      async function* parts(bytes, size) { for (let at = 0; at < bytes.length; at += size) yield bytes.subarray(at, at + size); }
      const all = async (stream) => { const got = []; for await (const part of stream) got.push(part); return Buffer.concat(got); };
      const MB = 1 << 20;
      let wrong = 0;
      for (const size of [0, 1, MB, MB + 1, 2 * MB + 70000]) {
        const plain = randomBytes(size);
        const file = await all(sealed(parts(plain, 70001), key));
        if (!(await all(opened(parts(file, 65536), key))).equals(plain)) wrong += 1;
        const bent = Buffer.from(file);
        bent[file.length >> 1] ^= 1;
        const swapped = Buffer.concat([file.subarray(0, 31), file.subarray(31 + MB + 16), file.subarray(31, 31 + MB + 16)]);
        const bad = [bent, file.subarray(0, -1), file.subarray(0, -16), file.subarray(0, 31), Buffer.concat([file, Buffer.from('x')]), plain];
        if (size > MB) bad.push(file.subarray(0, 31 + MB + 16), swapped);
        for (const each of bad) {
          const found = await all(opened(parts(each, 65536), key)).then(() => false, () => true);
          if (!found) wrong += 1;
        }
      }
      console.log(wrong);`;
    const said = await runModule(code);
    expect(said).toBe('0');
  });
});

describe('the rule for keeping copies', () => {
  /** What `keptOf` keeps of some copies, newest first, by the days of their age. */
  function keptOf(agesInDays: readonly number[]): Promise<number[]> {
    const now = Date.parse('2026-11-27T12:00:00.000Z');
    const code = `
      const { keptOf } = await import(${JSON.stringify(path.join(scripts, 'safety.mjs'))});
      const copies = ${JSON.stringify(agesInDays)}.map((age) => ({
        age,
        takenAt: new Date(${now} - age * 86400000).toISOString(),
        keptUntil: new Date(${now} - age * 86400000 + 35 * 86400000).toISOString(),
      }));
      console.log(JSON.stringify(keptOf(copies, ${now}).map(({ age }) => age)));`;
    return runModule(code).then((said) => JSON.parse(said) as number[]);
  }

  it('keeps a week of days and five weeks, nothing past 35 days, and always the newest', async () => {
    const daily = Array.from({ length: 90 }, (_, age) => age);
    const kept = await keptOf(daily);
    expect(kept.slice(0, 7)).toEqual([0, 1, 2, 3, 4, 5, 6]);
    expect(kept.length).toBeLessThanOrEqual(12);
    expect(Math.max(...kept)).toBeLessThanOrEqual(35);
    expect(Math.max(...kept)).toBeGreaterThan(21);
    // Several a day: the newest of each.
    expect((await keptOf([0, 0.1, 0.2, 1, 1.1])).slice(0, 2)).toEqual([0, 1]);
    // Nobody made one for months: the last is not given up.
    expect(await keptOf([200, 201])).toEqual([200]);
  });
});
