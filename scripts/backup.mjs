import { openDatabases } from './instance.mjs';
import { copiesHere, faultOf, keepSafe, noteCopy } from './safety.mjs';
import { newKey } from './sealed.mjs';

/**
 * `npm run backup`: a copy of the whole database, proven by restoring it beside. `npm run backup -- --verify` proves all
 * copies that lie here once more. Exits with 1 where one is not sound. `npm run backup -- --new-key` shows a new key, once.
 */
if (process.argv.includes('--new-key')) {
  console.log(`SPALO_COPY_KEY=${newKey()}`);
  console.log('Keep it apart from the copies: without it nobody opens what it has sealed.');
  process.exit(0);
}
const databases = await openDatabases();
try {
  const { ownerUrl } = databases;
  let faults = 0;
  const say = (file, fault) => {
    if (fault !== null) faults += 1;
    console.log(fault === null ? `Sound: ${file}` : `NOT SOUND, ${fault}: ${file}`);
  };
  if (process.argv.includes('--verify')) {
    for (const { file } of copiesHere()) {
      const fault = await faultOf(file, ownerUrl);
      await noteCopy(ownerUrl, file, fault);
      say(file, fault);
    }
  } else {
    const { file, fault } = await keepSafe(ownerUrl);
    say(file, fault);
  }
  process.exitCode = faults > 0 ? 1 : 0;
} finally {
  await databases.stop();
}
