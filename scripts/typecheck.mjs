import { inRoot } from './paths.mjs';
import { compileLessons } from './lessons.mjs';
import { must } from './run.mjs';

await compileLessons();

// Expo writes the types of the routes; without a server, this is the command that does.
await must('npx', ['expo', 'customize', 'tsconfig.json'], {
  cwd: inRoot('apps/client'),
  stdio: 'ignore',
  env: { EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1', CI: '1' },
});
// What runs in Node is one programme: each of its own would read the same sources again. Core stands alone, since it may
// use nothing of Node.
const projects = ['apps/client', 'tsconfig.node.json', 'packages/core', 'e2e'];
// Two at a time: a core each.
const checkNext = async () => {
  for (let project = projects.shift(); project; project = projects.shift()) {
    await must('npx', ['tsc', '-p', project]);
  }
};
await Promise.all([checkNext(), checkNext()]);
