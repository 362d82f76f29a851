import path from 'node:path';
import { serverCommands } from './instance.mjs';

/**
 * `npm run archive -- <folder>`: each studio as an archive of its own. `npm run archive:restore -- <file>`: brings one in beside
 * whatever is here, and prints the link by which its owner chooses a password.
 */
const given = process.argv.slice(2).filter((each) => each !== '--restore');
const place = path.resolve(given[0] ?? '.');
await serverCommands(
  ['migrate'],
  process.argv.includes('--restore') ? ['unarchive', place] : ['archive', place],
);
