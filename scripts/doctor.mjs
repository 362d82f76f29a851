import { X509Certificate } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync } from 'node:fs';
import { statfs } from 'node:fs/promises';
import path from 'node:path';
import health from './health.cjs';
import { openDatabases, running } from './instance.mjs';
import { clientDist, dataDir, inRoot, migrations, serverBundle } from './paths.mjs';
import { copiesHere, withClient } from './safety.mjs';

const { ofNode, ofBuild, ofServer, ofDatabase, ofDisk, ofCopies, ofCertificate, ofClock } = health;

/**
 * `npm run doctor`: what a machine needs to go on, each thing in a line, also while Spalo runs. Ends with 1 where something is
 * to be done.
 */
let wrong = 0;
function say(what, { good, says }) {
  if (good === false) wrong += 1;
  const mark = good === null ? '·' : good ? '✓' : '✗';
  console.log(`${mark} ${what.padEnd(12)} ${says}`);
}

/** A check that cannot be made is one that failed, with why. */
async function check(what, find) {
  try {
    say(what, await find());
  } catch (error) {
    say(what, { good: false, says: error.message });
  }
}

/** The end of the certificate that Caddy made last; null where it made none. */
function certificateEnd() {
  const folder = path.join(dataDir, 'caddy/certificates');
  if (!existsSync(folder)) return null;
  const ends = readdirSync(folder, { recursive: true })
    .map(String)
    .filter((name) => name.endsWith('.crt'))
    .map((name) => new X509Certificate(readFileSync(path.join(folder, name))).validTo);
  return ends.sort((one, other) => Date.parse(other) - Date.parse(one))[0] ?? null;
}

const shipped = () => readdirSync(migrations).filter((name) => name.endsWith('.sql')).length;

async function database() {
  const databases = await openDatabases();
  try {
    return await withClient(databases.ownerUrl, async (client) => {
      const one = async (query) => (await client.query(query)).rows[0];
      const { server_version: version } = await one('SHOW server_version');
      const { applied } = await one(
        'SELECT count(*)::int AS applied FROM drizzle.__drizzle_migrations',
      );
      const { latest } = await one('SELECT max(received_at) AS latest FROM events');
      return { version: version.split(' ')[0], applied, shipped: shipped(), latest };
    });
  } finally {
    await databases.stop();
  }
}

const now = Date.now();
mkdirSync(dataDir, { recursive: true });
await check('Node', () =>
  ofNode(process.versions.node, readFileSync(inRoot('.nvmrc'), 'utf8').trim()),
);
await check('Build', () => ofBuild(existsSync(serverBundle) && existsSync(clientDist)));
await check('Server', async () => {
  const address = running()?.address ?? null;
  const answer = address && (await fetch(`${address}/health`).catch(() => null));
  return ofServer(address, answer?.ok ?? false);
});
const found = await database().catch((error) => error);
await check('Database', () => {
  if (found instanceof Error) throw found;
  return ofDatabase(found);
});
await check('Clock', () => ofClock(found.latest?.toISOString?.() ?? null, now));
await check('Disk', async () => {
  const { bavail, blocks, bsize } = await statfs(dataDir);
  return ofDisk({ free: bavail * bsize, whole: blocks * bsize });
});
await check('Copies', () => ofCopies(copiesHere()[0], now));
await check('Certificate', () => ofCertificate(certificateEnd(), now));
process.exitCode = wrong > 0 ? 1 : 0;
