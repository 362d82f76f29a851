import {
  createReadStream,
  createWriteStream,
  existsSync,
  mkdirSync,
  readdirSync,
  rmSync,
} from 'node:fs';
import path from 'node:path';
import { pipeline } from 'node:stream/promises';
import { serverCommands } from './instance.mjs';
import { dataDir } from './paths.mjs';
import { givenKey, opened, sealed } from './sealed.mjs';

/**
 * `npm run archive -- <folder>`: each studio as an archive of its own, sealed where SPALO_COPY_KEY is given.
 * `npm run archive:restore -- <file>`: brings one in beside whatever is here, and prints the link by which its owner chooses a
 * password.
 */
const given = process.argv.slice(2).filter((each) => each !== '--restore');
const place = path.resolve(given[0] ?? '.');
const key = givenKey();
const forOneself = { mode: 0o600, flags: 'wx' };

const archivesIn = (folder) =>
  existsSync(folder) ? readdirSync(folder).filter((name) => name.endsWith('.ndjson.gz')) : [];

/** Makes the archives in a folder of their own, and lets only what is sealed out of it. */
async function saveSealed() {
  const open = path.join(place, `.open-${process.pid}`);
  mkdirSync(open, { recursive: true, mode: 0o700 });
  try {
    await serverCommands(['migrate'], ['archive', open]);
    for (const name of archivesIn(open)) {
      const file = path.join(place, `${name}.sealed`);
      await pipeline(
        createReadStream(path.join(open, name)),
        (bytes) => sealed(bytes, key),
        createWriteStream(file, forOneself),
      );
      console.log(`Sealed: ${file}`);
    }
  } finally {
    rmSync(open, { recursive: true, force: true });
  }
}

/** Brings a sealed archive in: it lies open only as long as that takes. */
async function restoreSealed() {
  if (key === null) throw new Error('This archive is sealed: set SPALO_COPY_KEY to its key');
  const folder = path.join(dataDir, `open-${process.pid}`);
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const open = path.join(folder, 'studio.ndjson.gz');
  try {
    await pipeline(
      createReadStream(place),
      (bytes) => opened(bytes, key),
      createWriteStream(open, forOneself),
    );
    await serverCommands(['migrate'], ['unarchive', open]);
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

async function main() {
  const restore = process.argv.includes('--restore');
  if (restore && place.endsWith('.sealed')) await restoreSealed();
  else if (restore) await serverCommands(['migrate'], ['unarchive', place]);
  else if (key !== null) await saveSealed();
  else await serverCommands(['migrate'], ['archive', place]);
}

try {
  await main();
} catch (error) {
  console.error(error instanceof Error ? error.message : error);
  process.exitCode = 1;
}
