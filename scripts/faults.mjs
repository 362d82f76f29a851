import { randomUUID } from 'node:crypto';
import { pathToFileURL } from 'node:url';
import { inRoot, migrations, serverBundle } from './paths.mjs';
import { must } from './run.mjs';
import { ensureDebian, ensureNodeModules } from './setup.mjs';

/**
 * Lets faults strike server, database, network and devices while they work, and says whether anything was lost or left:
 * `npm run faults -- --events 10000 --seed 1`. A longer run is a larger number of events.
 */
await ensureDebian();
await ensureNodeModules();
const { buildServer } = await import('./build.mjs');
const { ensureDatabase, startCluster } = await import('./postgres.mjs');
const { build } = await import('esbuild');
// With `--built` whoever calls has just done it.
if (!process.argv.includes('--built')) await buildServer();
const outfile = inRoot('apps/server/dist/faults.mjs');
await build({
  entryPoints: [inRoot('scripts/faults/main.ts')],
  outfile,
  bundle: true,
  platform: 'node',
  format: 'esm',
  target: 'node20',
  logLevel: 'warning',
  external: ['pg', 'zod'],
});
const cluster = await startCluster('faults-cluster');
const database = `f_${randomUUID().replaceAll('-', '')}`;
let code = 1;
try {
  await ensureDatabase(cluster.ownerUrl('postgres'), database);
  const env = {
    NODE_ENV: 'production',
    OWNER_DATABASE_URL: cluster.ownerUrl(database),
    APP_DATABASE_URL: cluster.appUrl(database),
    MIGRATIONS_DIR: migrations,
    DEMO_FILMS_DIR: inRoot('apps/server/demo-films'),
    SPALO_CHECK_ANSWERS: '1',
    // Statements that fail because their connection was cut are the point of this.
    LOG_LEVEL: 'silent',
  };
  const command = (name) => must('node', [serverBundle, name], { env, stdio: 'ignore' });
  await command('migrate');
  const { main } = await import(pathToFileURL(outfile).href);
  code = await main(process.argv.slice(2), {
    cluster,
    database,
    bundle: serverBundle,
    env,
    command,
  });
} finally {
  await cluster.stop();
}
process.exit(code);
