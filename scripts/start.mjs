import { spawn } from 'node:child_process';
import net from 'node:net';
import path from 'node:path';
import { dataDir, inRoot, serverBundle } from './paths.mjs';
import { ensureDebian, ensureNodeModules } from './setup.mjs';

const port = process.env.PORT ?? '4600';
const address = `http://localhost:${port}`;

function portIsTaken() {
  return new Promise((resolve) => {
    const probe = net.createServer();
    probe.once('error', () => resolve(true));
    probe.listen(Number(port), '127.0.0.1', () => probe.close(() => resolve(false)));
  });
}

const WATCH_MS = 2000;

/** Looks after this checkout's own database while the server runs: one that dies is started again. */
function watchOver(databases) {
  let busy = false;
  const timer = setInterval(async () => {
    if (busy) return;
    busy = true;
    try {
      await databases.revive();
    } catch (error) {
      console.error(`The database cannot be started again yet: ${error.message}`);
    } finally {
      busy = false;
    }
  }, WATCH_MS);
  return () => clearInterval(timer);
}

const HOUR_MS = 3600 * 1000;

/**
 * Has a copy of the whole database made, and proven, as often as SPALO_BACKUP_HOURS says (24; 0 for never): the first a minute
 * after the start where the newest is older than that.
 */
function keepCopies({ ownerUrl, appUrl }) {
  const hours = Number(process.env.SPALO_BACKUP_HOURS ?? 24);
  if (!(hours > 0)) return () => undefined;
  let busy = false;
  const look = async () => {
    if (busy) return;
    busy = true;
    try {
      const { copiesHere } = await import('./safety.mjs');
      const [newest] = copiesHere();
      if (newest && Date.now() - Date.parse(newest.takenAt) < hours * HOUR_MS) return;
      const env = { ...process.env, DATABASE_URL: ownerUrl, APP_DATABASE_URL: appUrl };
      const child = spawn('node', [inRoot('scripts/backup.mjs')], { stdio: 'inherit', env });
      await new Promise((resolve) => child.on('exit', resolve));
    } catch (error) {
      console.error(`No copy could be made: ${error.message}`);
    } finally {
      busy = false;
    }
  };
  const soon = setTimeout(look, 60_000);
  const timer = setInterval(look, 10 * 60_000);
  return () => {
    clearTimeout(soon);
    clearInterval(timer);
  };
}

/** A server that ends within so long has not really begun; after as many of these in a row it is given up. */
const SHORT_MS = 10_000;
const SHORT_LIVES = 3;

/** Begins the server anew where its process ends by itself, as one that was killed does. Answers its last exit code. */
async function keptUp(begin, isOver) {
  for (let short = 0; ;) {
    const from = Date.now();
    const code = await begin();
    if (isOver()) return 0;
    short = Date.now() - from < SHORT_MS ? short + 1 : 0;
    if (short >= SHORT_LIVES) return code;
    console.error('The server ended by itself; it is started again');
  }
}

async function main() {
  if (!process.env.DATABASE_URL) await ensureDebian();
  await ensureNodeModules();
  const { erasedFile } = await import('./safety.mjs');
  const { claim, openDatabases, prepare, release, running, serverEnv } =
    await import('./instance.mjs');
  const already = running();
  if (already) {
    console.log(`Spalo is already running: ${already.address} (process ${already.pid})`);
    return 0;
  }
  if (await portIsTaken()) {
    console.error(`Port ${port} is taken by another program. Choose one: PORT=4601 npm start`);
    return 1;
  }
  claim(address);
  const { buildAll } = await import('./build.mjs');
  let databases = null;
  // Ctrl-C reaches the server as well; here it only has to wait for it and stop the database.
  let interrupted = false;
  let child = null;
  const onSignal = (signal) => {
    interrupted = true;
    child?.kill(signal);
  };
  process.on('SIGINT', onSignal);
  process.on('SIGTERM', onSignal);
  try {
    await buildAll();
    if (interrupted) return 0;
    databases = await openDatabases();
    const demo = await prepare(databases);
    if (interrupted) return 0;
    const env = serverEnv(databases, {
      PORT: port,
      SPALO_DEMO: demo ? '1' : '0',
      SPALO_ERASED_FILE: erasedFile(),
      SPALO_SCRATCH: path.join(dataDir, 'tmp', String(port)),
    });
    const begin = () => {
      child = spawn('node', [serverBundle, 'serve'], {
        stdio: 'inherit',
        env: { ...process.env, ...env },
      });
      return new Promise((resolve) => child.on('exit', (exit) => resolve(exit ?? 1)));
    };
    const rest = watchOver(databases);
    const stopCopies = keepCopies(databases);
    const code = await keptUp(begin, () => interrupted);
    rest();
    stopCopies();
    return interrupted ? 0 : code;
  } finally {
    await databases?.stop();
    release();
  }
}

try {
  process.exitCode = await main();
} catch (error) {
  console.error(error instanceof Error ? error.message : error);
  process.exitCode = 1;
}
