import { startCluster } from '../scripts/postgres.mjs';
import { makeDemo } from './spalo';

/** Starts the tests' own cluster with the demo studio; each test file makes a database of its own in it. */
export default async function setup() {
  const cluster = await startCluster('test-cluster', { durable: false });
  process.env.E2E_OWNER_URL = cluster.ownerUrl('postgres');
  process.env.E2E_APP_URL = cluster.appUrl('postgres');
  (globalThis as { spaloStop?: () => Promise<void> }).spaloStop = cluster.stop;
  await makeDemo();
}
