import { buildServer } from './build.mjs';
import { openDatabases, serverEnv } from './instance.mjs';
import { serverBundle } from './paths.mjs';
import { must } from './run.mjs';

/** Throws all projections away and makes them anew from the session log. */
await buildServer();
const databases = await openDatabases();
try {
  const env = serverEnv(databases);
  await must('node', [serverBundle, 'migrate'], { env });
  await must('node', [serverBundle, 'rebuild'], { env });
} finally {
  await databases.stop();
}
