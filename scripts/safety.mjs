import { spawn } from 'node:child_process';
import { createHash, randomUUID } from 'node:crypto';
import {
  chmodSync,
  createReadStream,
  createWriteStream,
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import path from 'node:path';
import { pipeline } from 'node:stream/promises';
import { dataDir } from './paths.mjs';
import { dropDatabase, ensureDatabase, postgresBin } from './postgres.mjs';
import { givenKey, opened, sealed } from './sealed.mjs';

/** Where copies lie: they should be on another disk, or carried there. */
export const copiesDir = () => process.env.SPALO_BACKUP_DIR ?? path.join(dataDir, 'copies');

const HOUR_MS = 3600 * 1000;
const DAY_MS = 24 * HOUR_MS;
/** Kept: the newest of each of so many days, and of each of so many weeks. */
const DAYS = 7;
const WEEKS = 5;

/** Starts a program of PostgreSQL on a database. Its password goes where no list of processes shows it. */
function startPgTool(name, url, args, stdio) {
  const { hostname, port, username, password, pathname } = new URL(url);
  const env = {
    PGHOST: hostname,
    PGPORT: port || '5432',
    PGUSER: decodeURIComponent(username),
    PGPASSWORD: decodeURIComponent(password),
    PGDATABASE: decodeURIComponent(pathname.slice(1)),
  };
  const bin = postgresBin();
  const child = spawn(bin ? path.join(bin, name) : name, args, {
    stdio,
    env: { ...process.env, ...env },
  });
  const ended = new Promise((resolve, reject) => {
    child.on('error', reject);
    child.on('close', (code) =>
      code === 0 ? resolve() : reject(new Error(`${name} ended with ${code ?? 'a signal'}`)),
    );
  });
  // Whoever waits for its bytes first still hears of it.
  ended.catch(() => undefined);
  return { child, ended };
}

/** Writes all of a database, as a snapshot has it, to a new file; sealed where there is a key. */
async function dump(url, snapshot, file, key) {
  const args = ['--format=custom', `--snapshot=${snapshot}`, '--no-owner', '--no-privileges'];
  const { child, ended } = startPgTool('pg_dump', url, args, ['ignore', 'pipe', 'inherit']);
  const seal = key ? [(bytes) => sealed(bytes, key)] : [];
  await pipeline(child.stdout, ...seal, createWriteStream(file, { mode: 0o600 }));
  await ended;
}

/** Works with a connection to a database. */
export async function withClient(url, work) {
  const { default: pg } = await import('pg');
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  try {
    return await work(client);
  } finally {
    await client.end();
  }
}

/** How many rows each table has, and a sum over what is in them, whatever their order. */
async function sumsOf(client) {
  const { rows } = await client.query(
    "SELECT relname AS name FROM pg_class WHERE relkind = 'r' AND relnamespace = 'public'::regnamespace ORDER BY 1",
  );
  const sums = {};
  for (const { name } of rows) {
    const table = client.escapeIdentifier(name);
    const found = await client.query(
      `SELECT count(*)::int AS rows, coalesce(sum(hashtextextended(t::text, 0)::numeric), 0)::text AS sum FROM ${table} t`,
    );
    sums[name] = found.rows[0];
  }
  return sums;
}

async function hashOf(file) {
  const hash = createHash('sha256');
  for await (const part of createReadStream(file)) hash.update(part);
  return hash.digest('hex');
}

/** Ends the name of a copy that only the key opens. */
const SEALED = '.sealed';
export const isSealed = (file) => file.endsWith(SEALED);

const manifestOf = (file) => file.replace(/\.dump(\.sealed)?$/, '.json');

/** What the copy is called that a manifest stands beside, sealed or not. */
const wholeOf = (manifest) => {
  const copy = manifest.replace(/\.json$/, '.dump');
  return [copy, `${copy}${SEALED}`];
};

/** What stands beside a copy: how it has to be. */
export const readManifest = (file) => JSON.parse(readFileSync(manifestOf(file), 'utf8'));

const SIGNALS = ['SIGINT', 'SIGTERM', 'SIGHUP'];
const SCRATCH = 'spalo_scratch_';

function lives(pid) {
  try {
    process.kill(pid, 0);
    return true;
  } catch (error) {
    return error.code === 'EPERM';
  }
}

/** Takes away what rounds that were killed have left: unfinished copies and databases to prove them in. */
export async function sweep(ownerUrl) {
  const folder = copiesDir();
  for (const name of existsSync(folder) ? readdirSync(folder) : []) {
    const pid = /\.(?:(\d+)\.)?part$/.exec(name);
    const file = path.join(folder, name);
    if (pid && !(pid[1] && lives(Number(pid[1])))) rmSync(file, { force: true });
    // What stands beside a copy is there a moment before it: another round may be at that very moment.
    const isAlone = name.endsWith('.json') && !wholeOf(file).some((copy) => existsSync(copy));
    if (isAlone && Date.now() - statSync(file).mtimeMs > HOUR_MS) rmSync(file, { force: true });
  }
  const { rows } = await withClient(ownerUrl, (client) =>
    client.query('SELECT datname AS name FROM pg_database WHERE datname LIKE $1', [`${SCRATCH}%`]),
  );
  for (const { name } of rows) {
    const pid = Number(name.slice(SCRATCH.length).split('_')[0]);
    if (!lives(pid)) await dropDatabase(ownerUrl, name);
  }
}

/** Who was erased, a line each (studio and client, ids only): beside the copies, which may still hold them. */
export const erasedFile = () => path.join(copiesDir(), 'erased.txt');

const erasedIn = (url) =>
  withClient(url, async (client) => {
    const { rows } = await client.query('SELECT studio_id, id FROM erased_clients');
    return rows.map(({ studio_id: studio, id }) => `${studio} ${id}`);
  });

const erasedHere = () =>
  existsSync(erasedFile()) ? readFileSync(erasedFile(), 'utf8').split('\n').filter(Boolean) : [];

const withThoseHere = (told) => [...new Set([...erasedHere(), ...told])];

/** Brings the list beside the copies level with a database. */
async function writeErased(ownerUrl) {
  const all = withThoseHere(await erasedIn(ownerUrl));
  writeFileSync(erasedFile(), all.map((line) => `${line}\n`).join(''), { mode: 0o600 });
}

/**
 * Everybody who is known to have been erased: by the list beside the copies, and by a database. One that cannot be asked is
 * said, and the list alone counts.
 */
export async function knownErased(ownerUrl) {
  const told = await erasedIn(ownerUrl).catch((error) => {
    console.warn(`The database cannot be asked who was erased (${error.message}): the list counts`);
    return [];
  });
  return withThoseHere(told);
}

/** Erases them in a database that was restored from before; answers how many were there. */
export const eraseAgain = (ownerUrl, erased) =>
  withClient(ownerUrl, async (client) => {
    let count = 0;
    for (const line of erased) {
      const [studio, id] = line.split(' ');
      await client.query('BEGIN');
      await client.query("SELECT set_config('app.studio', $1, true)", [studio]);
      const { rows } = await client.query('SELECT erase_client($1::uuid) AS was', [id]);
      await client.query('COMMIT');
      if (rows[0].was) count += 1;
    }
    return count;
  });

/**
 * Copies the whole database into a file as of one moment, while everything goes on. Beside it: when, how large, its SHA-256,
 * and what each table held at that moment.
 */
export async function takeCopy(ownerUrl) {
  const folder = copiesDir();
  // For nobody else to read, from its first byte on.
  process.umask(0o077);
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  chmodSync(folder, 0o700);
  await sweep(ownerUrl);
  const takenAt = new Date().toISOString();
  const key = givenKey();
  const name = `spalo-${takenAt.replace(/[:.]/g, '-')}.dump${key ? SEALED : ''}`;
  const file = path.join(folder, name);
  const unfinished = `${file}.${process.pid}.part`;
  const onSignal = () => {
    rmSync(unfinished, { force: true });
    process.exit(130);
  };
  for (const signal of SIGNALS) process.once(signal, onSignal);
  try {
    const tables = await withClient(ownerUrl, async (client) => {
      await client.query('BEGIN ISOLATION LEVEL REPEATABLE READ READ ONLY');
      const { rows } = await client.query('SELECT pg_export_snapshot() AS id');
      await dump(ownerUrl, rows[0].id, unfinished, key);
      const sums = await sumsOf(client);
      await client.query('COMMIT');
      return sums;
    });
    const manifest = {
      id: randomUUID(),
      takenAt,
      keptUntil: new Date(Date.parse(takenAt) + WEEKS * 7 * DAY_MS).toISOString(),
      bytes: statSync(unfinished).size,
      sha256: await hashOf(unfinished),
      tables,
    };
    writeFileSync(manifestOf(file), `${JSON.stringify(manifest, null, 2)}\n`, { mode: 0o600 });
    // Only a whole copy bears the name of one.
    chmodSync(unfinished, 0o600);
    renameSync(unfinished, file);
    await writeErased(ownerUrl);
    return file;
  } finally {
    for (const signal of SIGNALS) process.off(signal, onSignal);
    rmSync(unfinished, { force: true });
  }
}

/** Restores a copy into an empty database; a sealed one with the key that is given. */
export async function restoreInto(file, url) {
  const key = isSealed(file) ? givenKey() : null;
  const args = [
    '--no-owner',
    '--no-privileges',
    '--exit-on-error',
    '--single-transaction',
    // Of itself it would only print what it holds.
    `--dbname=${new URL(url).pathname.slice(1)}`,
  ];
  const { child, ended } = startPgTool('pg_restore', url, args, ['pipe', 'ignore', 'inherit']);
  try {
    const open = key ? [(bytes) => opened(bytes, key)] : [];
    await pipeline(createReadStream(file), ...open, child.stdin);
  } catch (error) {
    // It reads no further than it needs: what it says of itself counts then.
    if (error.code !== 'EPIPE') {
      child.kill();
      throw error;
    }
  }
  await ended;
}

/** The address of another database beside one. */
export const inDatabase = (url, name) => {
  const other = new URL(url);
  other.pathname = `/${name}`;
  return other.href;
};

/** What is wrong with a copy, found by restoring it beside and counting; null where nothing is. */
export async function faultOf(file, ownerUrl) {
  if (!existsSync(manifestOf(file))) return 'nothing says what it held';
  const { sha256, tables } = readManifest(file);
  if ((await hashOf(file)) !== sha256) return 'its bytes have changed since it was made';
  if (isSealed(file) && givenKey() === null) return 'it is sealed, and SPALO_COPY_KEY is not given';
  const scratch = `${SCRATCH}${process.pid}_${randomUUID().replaceAll('-', '').slice(0, 12)}`;
  await ensureDatabase(ownerUrl, scratch);
  try {
    const url = inDatabase(ownerUrl, scratch);
    try {
      await restoreInto(file, url);
    } catch (error) {
      return `it cannot be restored: ${error.message}`;
    }
    const found = await withClient(url, sumsOf);
    const other = Object.keys({ ...tables, ...found }).filter(
      (name) => tables[name]?.rows !== found[name]?.rows || tables[name]?.sum !== found[name]?.sum,
    );
    return other.length > 0 ? `restored, it holds something else in ${other.join(', ')}` : null;
  } finally {
    await dropDatabase(ownerUrl, scratch);
  }
}

/** Writes down, for the settings of the app, how a copy is. */
export async function noteCopy(ownerUrl, file, fault) {
  const { id, takenAt, keptUntil, bytes } = readManifest(file);
  await withClient(ownerUrl, (client) =>
    client.query(
      `INSERT INTO safety_copies (id, taken_at, bytes, verified_at, problem, kept_until, sealed) VALUES ($1, $2, $3, $4, $5, $6, $7)
       ON CONFLICT (id) DO UPDATE SET verified_at = excluded.verified_at, problem = excluded.problem`,
      [
        id,
        takenAt,
        bytes,
        fault === null ? new Date() : null,
        fault ?? '',
        keptUntil,
        isSealed(file),
      ],
    ),
  );
}

/** All copies that lie here, the newest first. */
export function copiesHere() {
  const folder = copiesDir();
  if (!existsSync(folder)) return [];
  return readdirSync(folder)
    .filter(
      (name) => /\.dump(\.sealed)?$/.test(name) && existsSync(manifestOf(path.join(folder, name))),
    )
    .map((name) => path.join(folder, name))
    .map((file) => ({ file, ...readManifest(file) }))
    .sort((a, b) => (a.takenAt > b.takenAt ? -1 : 1));
}

const dayOf = (iso) => iso.slice(0, 10);
const weekOf = (iso) => Math.floor((Date.parse(dayOf(iso)) / DAY_MS + 3) / 7);

/**
 * Which of some copies (newest first) the rule keeps at a time: the newest of each of the last 7 days, and of each of the last
 * 5 weeks; never the newest of all taken away. Nothing is kept past 35 days, so that who was erased is gone by then.
 */
export function keptOf(copies, nowMs = Date.now()) {
  const days = new Set();
  const weeks = new Set();
  return copies.filter(({ takenAt, keptUntil }, at) => {
    const isNew = { day: !days.has(dayOf(takenAt)), week: !weeks.has(weekOf(takenAt)) };
    days.add(dayOf(takenAt));
    weeks.add(weekOf(takenAt));
    if (at === 0) return true;
    if (Date.parse(keptUntil) < nowMs) return false;
    return (isNew.day && days.size <= DAYS) || (isNew.week && weeks.size <= WEEKS);
  });
}

/** Takes away the copies that the rule does not keep, and writes that down. */
export async function pruneCopies(ownerUrl) {
  const copies = copiesHere();
  const kept = new Set(keptOf(copies).map(({ file }) => file));
  const gone = copies.filter(({ file }) => !kept.has(file));
  for (const { file } of gone) {
    rmSync(file, { force: true });
    rmSync(manifestOf(file), { force: true });
  }
  await withClient(ownerUrl, (client) =>
    client.query(
      'UPDATE safety_copies SET removed_at = now() WHERE removed_at IS NULL AND NOT id = ANY($1)',
      [copies.filter(({ file }) => kept.has(file)).map(({ id }) => id)],
    ),
  );
  return gone.length;
}

/** One round: a copy, proven by restoring it, and what the rule no longer keeps taken away. Answers the file and its fault. */
export async function keepSafe(ownerUrl) {
  const file = await takeCopy(ownerUrl);
  const fault = await faultOf(file, ownerUrl);
  await noteCopy(ownerUrl, file, fault);
  // What was proven before is not given up for one that is not.
  if (fault === null) await pruneCopies(ownerUrl);
  return { file, fault };
}
