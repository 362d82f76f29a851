import { spawn } from 'node:child_process';
import { inRoot } from './paths.mjs';
import { ensureDebian, ensureNodeModules } from './setup.mjs';

/** The API with restart on change, and Expo's dev server with fast reload, which passes API calls on. */
const API_PORT = process.env.API_PORT ?? '4610';
const PORT = process.env.PORT ?? '4600';

if (!process.env.DATABASE_URL) await ensureDebian();
await ensureNodeModules();
const { buildServer, placeSolver } = await import('./build.mjs');
const { openDatabases, prepare, serverEnv } = await import('./instance.mjs');
await buildServer();
placeSolver();
const databases = await openDatabases();
const demo = await prepare(databases);
const env = serverEnv(databases, {
  NODE_ENV: 'development',
  PORT: API_PORT,
  SPALO_DEMO: demo ? '1' : '0',
  SPALO_GALLERY: '1',
  SPALO_CHECK_ANSWERS: '1',
  LOG_LEVEL: 'info',
});
// Started without npx, so that a signal reaches the program itself.
const start = (name, args, cwd, extra) =>
  spawn(inRoot('node_modules/.bin', name), args, {
    cwd,
    stdio: 'inherit',
    env: { ...process.env, ...extra },
  });
const children = [
  start('tsx', ['watch', 'src/main.ts', 'serve'], inRoot('apps/server'), env),
  start('expo', ['start', '--web', '--port', PORT], inRoot('apps/client'), {
    EXPO_OFFLINE: '1',
    EXPO_NO_TELEMETRY: '1',
    SPALO_API: `http://127.0.0.1:${API_PORT}`,
  }),
];
console.log(`Spalo in development: http://localhost:${PORT}, API on port ${API_PORT}`);
const stop = () => children.forEach((child) => child.kill('SIGINT'));
process.on('SIGINT', stop);
process.on('SIGTERM', stop);
await Promise.all(children.map((child) => new Promise((resolve) => child.on('exit', resolve))));
await databases.stop();
