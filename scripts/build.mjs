import { createHash } from 'node:crypto';
import {
  copyFileSync,
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { readFile, writeFile } from 'node:fs/promises';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { promisify } from 'node:util';
import { brotliCompress } from 'node:zlib';
import { clientDist, inRoot, serverBundle } from './paths.mjs';
import { compileLessons } from './lessons.mjs';
import { must } from './run.mjs';

const SKIP = new Set(['node_modules', 'dist', '.expo', 'drizzle', 'made', 'solver']);

function* filesIn(folder) {
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    if (SKIP.has(entry.name)) continue;
    const full = path.join(folder, entry.name);
    if (entry.isDirectory()) yield* filesIn(full);
    else if (!/\.test\.tsx?$/.test(entry.name)) yield full;
  }
}

function sourceHash(folders) {
  const hash = createHash('sha256').update(readFileSync(inRoot('package-lock.json')));
  hash.update(readFileSync(inRoot('scripts/build.mjs')));
  for (const folder of folders) {
    for (const file of filesIn(inRoot(folder))) hash.update(file).update(readFileSync(file));
  }
  return hash.digest('hex');
}

async function unlessBuilt(target, folders, build) {
  const stamp = path.join(path.dirname(target), `.${path.basename(target)}.hash`);
  const wanted = sourceHash(folders);
  if (existsSync(target) && existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return;
  rmSync(stamp, { force: true });
  await build();
  writeFileSync(stamp, wanted);
}

/** Bundles the server; packages stay in node_modules. */
export async function buildServer() {
  await compileLessons();
  await unlessBuilt(serverBundle, ['packages', 'apps/server/src'], async () => {
    const { build } = await import('esbuild');
    await build({
      entryPoints: [inRoot('apps/server/src/main.ts')],
      outfile: serverBundle,
      bundle: true,
      platform: 'node',
      format: 'esm',
      target: 'node20',
      sourcemap: true,
      logLevel: 'warning',
      // A module that is only imported does something: leaving it out would go unseen.
      logOverride: { 'ignored-bare-import': 'error' },
      external: [
        'pg',
        'express',
        'drizzle-orm',
        'drizzle-orm/*',
        'helmet',
        'compression',
        'express-static-gzip',
        'pino',
        'pino-http',
        'uuid',
        'zod',
        '@node-rs/argon2',
      ],
    });
  });
}

/** The solver of the session builder lies beside the client: its package ships it. */
export function placeSolver() {
  const folder = inRoot('apps/client/public/solver');
  mkdirSync(folder, { recursive: true });
  copyFileSync(inRoot('node_modules/highs/build/highs.wasm'), path.join(folder, 'highs.wasm'));
}

async function writeServiceWorker() {
  const { generateSW } = await import('workbox-build');
  const { warnings } = await generateSW({
    globDirectory: clientDist,
    globPatterns: ['**/*.{html,js,css,ttf,png,svg,wasm,webmanifest}'],
    swDest: path.join(clientDist, 'sw.js'),
    navigateFallback: '/index.html',
    navigateFallbackDenylist: [/^\/api\//, /^\/health$/, /^\/ready$/],
    // File names that carry their own hash need no revision of ours.
    dontCacheBustURLsMatching: /\/_expo\/|-[0-9a-f]{8,}\./,
    maximumFileSizeToCacheInBytes: 6 * 1024 * 1024,
    cleanupOutdatedCaches: true,
    // A new version waits until the trainer taps reload: no surprise in the middle of a set.
    skipWaiting: false,
    clientsClaim: true,
    inlineWorkboxRuntime: true,
    sourcemap: false,
    mode: 'production',
  });
  for (const warning of warnings) console.warn(warning);
}

const PACKED = /\.(js|css|html|json|svg|ttf|wasm|webmanifest)$/;
/** Under this many bytes packing saves nothing. */
const LEAST_PACKED = 1024;

/** Packs what is served as well as it can be, once: the server has no time for that at each request. */
async function packClient() {
  const pack = promisify(brotliCompress);
  const names = readdirSync(clientDist, { recursive: true }).filter((name) => PACKED.test(name));
  await Promise.all(
    names.map(async (name) => {
      const file = path.join(clientDist, name);
      // The worker is small, changes with each version, and is always asked for.
      if (statSync(file).size < LEAST_PACKED || name === 'sw.js') return;
      await writeFile(`${file}.br`, await pack(await readFile(file)));
    }),
  );
}

/** Exports the web client and its service worker. */
export async function buildClient() {
  await unlessBuilt(path.join(clientDist, 'sw.js'), ['packages', 'apps/client'], async () => {
    console.log('Building the client (one to three minutes the first time)');
    placeSolver();
    rmSync(clientDist, { recursive: true, force: true });
    const quiet = process.env.SPALO_VERBOSE ? 'inherit' : ['ignore', 'ignore', 'inherit'];
    await must('npx', ['expo', 'export', '-p', 'web', '--output-dir', 'dist'], {
      cwd: inRoot('apps/client'),
      stdio: quiet,
      env: { EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1', CI: '1', NODE_ENV: 'production' },
    });
    await writeServiceWorker();
    await packClient();
  });
}

export async function buildAll() {
  await buildServer();
  await buildClient();
}

if (import.meta.url === pathToFileURL(process.argv[1] ?? '').href) {
  await (process.argv[2] === 'server' ? buildServer() : buildAll());
}
