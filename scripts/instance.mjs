import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { buildServer } from './build.mjs';
import { inRoot, clientDist, dataDir, migrations, serverBundle } from './paths.mjs';
import { ensureDatabase, startCluster } from './postgres.mjs';
import { must } from './run.mjs';

const DATABASE = 'spalo';
const lock = path.join(dataDir, 'running.json');

/** Whether a process that lives is a start of Spalo: its id may have passed on to any other program since. */
function isOurs(pid) {
  const commandLine = `/proc/${pid}/cmdline`;
  if (!existsSync(commandLine)) return true;
  return /start\.mjs|dev\.mjs/.test(readFileSync(commandLine, 'utf8'));
}

/** Whether a Spalo of this checkout runs: its process id and address, or null. */
export function running() {
  if (!existsSync(lock)) return null;
  try {
    const found = JSON.parse(readFileSync(lock, 'utf8'));
    process.kill(found.pid, 0);
    if (!isOurs(found.pid)) throw new Error('another program has this process id now');
    return found;
  } catch {
    // Left over from a process that is gone.
    rmSync(lock, { force: true });
    return null;
  }
}

export function claim(address) {
  mkdirSync(dataDir, { recursive: true });
  writeFileSync(lock, JSON.stringify({ pid: process.pid, address }));
}

export const release = () => rmSync(lock, { force: true });

/**
 * The databases to use: DATABASE_URL's server (its role must be allowed to make tables and roles), or this
 * checkout's own cluster. APP_DATABASE_URL names the app's role where DATABASE_URL is given.
 */
export async function openDatabases() {
  const given = process.env.DATABASE_URL;
  if (given) {
    const app = process.env.APP_DATABASE_URL;
    if (!app) {
      throw new Error(
        'With DATABASE_URL, set APP_DATABASE_URL too: the same database with a role and password of its own ' +
          'for the app (the role is made if it is missing). See docs/operations.md.',
      );
    }
    const nothing = async () => undefined;
    return { ownerUrl: given, appUrl: app, revive: nothing, stop: nothing };
  }
  const cluster = await startCluster('cluster');
  await ensureDatabase(cluster.ownerUrl('postgres'), DATABASE);
  return {
    ownerUrl: cluster.ownerUrl(DATABASE),
    appUrl: cluster.appUrl(DATABASE),
    revive: cluster.revive,
    stop: cluster.stop,
  };
}

/** Environment for the server's commands. */
export function serverEnv({ ownerUrl, appUrl }, extra = {}) {
  return {
    NODE_ENV: 'production',
    OWNER_DATABASE_URL: ownerUrl,
    APP_DATABASE_URL: appUrl,
    MIGRATIONS_DIR: migrations,
    DEMO_FILMS_DIR: inRoot('apps/server/demo-films'),
    CLIENT_DIR: clientDist,
    ...extra,
  };
}

/** Migrates, and loads or tops up the demo data unless SPALO_DEMO is 0. */
export async function prepare(databases) {
  const env = serverEnv(databases);
  await must('node', [serverBundle, 'migrate'], { env });
  const demo = process.env.SPALO_DEMO !== '0';
  if (demo) await must('node', [serverBundle, 'demo'], { env });
  return demo;
}

/** Builds the server and runs commands of it, each with its arguments, on these databases. */
export async function serverCommands(...commands) {
  await buildServer();
  const databases = await openDatabases();
  try {
    const env = serverEnv(databases);
    for (const command of commands) await must('node', [serverBundle, ...command], { env });
  } finally {
    await databases.stop();
  }
}
