import path from 'node:path';
import { createInterface } from 'node:readline/promises';
import { openDatabases, running, serverEnv } from './instance.mjs';
import { buildServer } from './build.mjs';
import { serverBundle } from './paths.mjs';
import { ensureDatabase } from './postgres.mjs';
import { must } from './run.mjs';
import {
  copiesHere,
  eraseAgain,
  faultOf,
  inDatabase,
  isSealed,
  knownErased,
  restoreInto,
  withClient,
} from './safety.mjs';

/**
 * `npm run restore -- <file>`: puts a copy in the place of the database; without a file, the newest. What was there stays
 * beside under another name. Spalo must not be running.
 */
const nameIn = (url) => new URL(url).pathname.slice(1);

/** Asks for the key of a sealed copy where somebody sits at the keyboard; empty where nobody does. */
async function askKey() {
  if (!process.stdin.isTTY) return '';
  const asked = createInterface({ input: process.stdin, output: process.stdout });
  try {
    return (await asked.question('The key of this copy (SPALO_COPY_KEY): ')).trim();
  } finally {
    asked.close();
  }
}

async function main() {
  if (!process.env.DATABASE_URL && running()) throw new Error('Spalo is running: stop it first');
  const wanted = process.argv[2];
  const file = wanted ? path.resolve(wanted) : copiesHere()[0]?.file;
  if (!file) throw new Error('There is no copy here. Name its file: npm run restore -- <file>');
  if (isSealed(file) && !process.env.SPALO_COPY_KEY) process.env.SPALO_COPY_KEY = await askKey();
  const databases = await openDatabases();
  try {
    const { ownerUrl } = databases;
    const fault = await faultOf(file, ownerUrl);
    if (fault !== null) throw new Error(`${file} is not sound: ${fault}. Nothing was changed`);
    const erased = await knownErased(ownerUrl);
    const name = nameIn(ownerUrl);
    const aside = `${name}_before_${new Date().toISOString().replace(/\D/g, '').slice(0, 14)}`;
    await withClient(inDatabase(ownerUrl, 'postgres'), (admin) => {
      const quoted = (each) => admin.escapeIdentifier(each);
      return admin.query(`ALTER DATABASE ${quoted(name)} RENAME TO ${quoted(aside)}`);
    });
    await ensureDatabase(inDatabase(ownerUrl, 'postgres'), name);
    await restoreInto(file, ownerUrl);
    await buildServer();
    await must('node', [serverBundle, 'migrate'], { env: serverEnv(databases) });
    // Whoever was erased since the copy was made is erased again, before anybody can open it.
    const again = await eraseAgain(ownerUrl, erased);
    if (again > 0) console.log(`Erased again: ${again} ${again === 1 ? 'client' : 'clients'}`);
    console.log(`Restored ${file}. What was there before is the database ${aside}.`);
  } finally {
    await databases.stop();
  }
}

try {
  await main();
} catch (error) {
  console.error(error instanceof Error ? error.message : error);
  process.exitCode = 1;
}
