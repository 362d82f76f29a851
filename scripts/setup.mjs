import { createHash } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { chromiums } from './chromium.mjs';
import { inRoot } from './paths.mjs';
import { must, run } from './run.mjs';
import { postgresBin } from './postgres.mjs';

const lockStamp = inRoot('node_modules/.spalo-lock');
const hashOf = (file) => createHash('sha256').update(readFileSync(file)).digest('hex');

/** Installs node modules from the lock file where they are missing or the lock file has changed. */
export async function ensureNodeModules() {
  const wanted = hashOf(inRoot('package-lock.json'));
  const have = existsSync(lockStamp) ? readFileSync(lockStamp, 'utf8') : '';
  if (have === wanted) return;
  console.log('Installing node modules (about two minutes the first time)');
  await must('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error']);
  writeFileSync(lockStamp, wanted);
}

async function aptInstall(packages) {
  const asRoot = process.getuid() === 0;
  const apt = (...args) =>
    asRoot
      ? run('apt-get', args, { env: { DEBIAN_FRONTEND: 'noninteractive' } })
      : run('sudo', ['-n', 'DEBIAN_FRONTEND=noninteractive', 'apt-get', ...args]);
  console.log(`Installing from Debian: ${packages.join(', ')}`);
  try {
    await apt('update', '-qq');
    if ((await apt('install', '-y', '-qq', '--no-install-recommends', ...packages)) === 0) return;
  } catch {
    // No sudo on this machine: the message below says what to do.
  }
  throw new Error(
    `Please install these as root and try again: apt-get install ${packages.join(' ')}`,
  );
}

/** What the end-to-end tests need: a browser, and what serves and is trusted by phones. */
export const forTests = { chromium: true, caddy: true, trust: true };

/** Installs the Debian packages that are missing: PostgreSQL always; Chromium, Caddy, and the tool that makes a browser trust it where asked for. */
export async function ensureDebian({ chromium = false, caddy = false, trust = false } = {}) {
  const missing = [];
  if (!postgresBin()) missing.push('postgresql');
  if (chromium && !chromiums.some((path) => existsSync(path)))
    missing.push('chromium-headless-shell');
  if (caddy && !existsSync('/usr/bin/caddy')) missing.push('caddy');
  if (trust && !existsSync('/usr/bin/certutil')) missing.push('libnss3-tools');
  if (missing.length > 0) await aptInstall(missing);
}
