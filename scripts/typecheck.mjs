import { inRoot } from './paths.mjs';
import { must } from './run.mjs';

// Expo writes the types of the routes; without a server, this is the command that does.
await must('npx', ['expo', 'customize', 'tsconfig.json'], {
  cwd: inRoot('apps/client'),
  stdio: 'ignore',
  env: { EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1', CI: '1' },
});
for (const project of [
  'packages/core',
  'packages/catalog',
  'packages/contract',
  'apps/server',
  'apps/client',
  'e2e',
  'scripts',
]) {
  await must('npx', ['tsc', '-p', project]);
}
