import { writeFileSync } from 'node:fs';
import { inRoot, dataDir } from './paths.mjs';
import { startCluster } from './postgres.mjs';
import { mkdirSync } from 'node:fs';

/** Starts the tests' own cluster; each suite makes databases of its own in it. */
export default async function setup() {
  mkdirSync(dataDir, { recursive: true });
  const cluster = await startCluster('test-cluster', { durable: false });
  globalThis.spaloCluster = cluster;
  writeFileSync(
    inRoot('.data/test-cluster.json'),
    JSON.stringify({ ownerUrl: cluster.ownerUrl('postgres'), appUrl: cluster.appUrl('postgres') }),
    { mode: 0o600 },
  );
}
