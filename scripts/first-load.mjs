import { readdirSync, readFileSync, statSync } from 'node:fs';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { gzipSync } from 'node:zlib';
import { clientDist } from './paths.mjs';

/** What no change may pass, in kilobytes (1000 bytes) of JavaScript after gzip. */
const LIMIT = 555;
const GOAL = 520;
/** And as it is served to browsers of today, by Brotli. */
const SERVED_LIMIT = 445;

const kB = (bytes) => `${(bytes / 1000).toFixed(0)} kB`;

/** The built client's JavaScript after gzip, in bytes: what a first visit loads, its largest chunk and the worker. */
function clientSizes() {
  const folder = path.join(clientDist, '_expo/static/js/web');
  const html = readFileSync(path.join(clientDist, 'index.html'), 'utf8');
  const chunks = readdirSync(folder)
    .filter((name) => name.endsWith('.js'))
    .map((name) => ({ name, bytes: gzipSync(readFileSync(path.join(folder, name))).length }));
  const first = chunks.filter(({ name }) => html.includes(name));
  // As the build has packed them.
  const served = first.map(({ name }) => statSync(path.join(folder, `${name}.br`)).size);
  const worker = chunks.filter(({ name }) => name.startsWith('spalo-'));
  const rest = chunks.filter((chunk) => !first.includes(chunk) && !worker.includes(chunk));
  const sum = (list) => list.reduce((total, { bytes }) => total + bytes, 0);
  const largest = (list) => Math.max(...list.map(({ bytes }) => bytes));
  return {
    first: sum(first),
    served: served.reduce((total, bytes) => total + bytes, 0),
    largest: largest(first),
    largestLater: largest(rest),
    worker: sum(worker),
    chunks: chunks.length,
  };
}

/** Prints the sizes; false where the first load has passed its limit. */
export function reportFirstLoad() {
  const sizes = clientSizes();
  console.log(
    `First load: ${kB(sizes.first)} of JavaScript, gzip (goal ${GOAL}, limit ${LIMIT}), ${kB(sizes.served)} as served (limit ${SERVED_LIMIT}); ` +
      `largest chunk in it ${kB(sizes.largest)}, largest after it ${kB(sizes.largestLater)}, ` +
      `worker ${kB(sizes.worker)}, ${sizes.chunks} chunks`,
  );
  return sizes.first <= LIMIT * 1000 && sizes.served <= SERVED_LIMIT * 1000;
}

if (import.meta.url === pathToFileURL(process.argv[1] ?? '').href) {
  process.exitCode = reportFirstLoad() ? 0 : 1;
}
