import net from 'node:net';
import { parseArgs } from 'node:util';
import { runFaults } from './faults';
import { Stack, type Cluster } from './stack';

const freePort = () =>
  new Promise<number>((resolve) => {
    const probe = net.createServer();
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as net.AddressInfo;
      probe.close(() => resolve(port));
    });
  });

/** Runs the harness on a database of its own; answers the exit code. */
export async function main(
  given: readonly string[],
  {
    cluster,
    database,
    bundle,
    env,
    command,
  }: {
    cluster: Cluster;
    database: string;
    bundle: string;
    env: Record<string, string>;
    command: (name: string) => Promise<void>;
  },
): Promise<number> {
  const { values } = parseArgs({
    args: [...given],
    options: {
      events: { type: 'string', default: '10000' },
      seed: { type: 'string', default: '1' },
      built: { type: 'boolean' },
    },
  });
  const stack = new Stack(cluster, database, bundle, env, await freePort());
  const { report, wrong } = await runFaults(stack, () => command('rebuild'), {
    events: Number(values.events),
    seed: Number(values.seed),
  });
  console.log(report);
  for (const each of wrong.slice(0, 40)) console.error(`WRONG: ${each}`);
  console.log(
    wrong.length === 0
      ? 'Nothing acknowledged is missing or twice, devices and server agree, projections equal a rebuild, nothing erased is left'
      : `${wrong.length} things are wrong`,
  );
  return wrong.length === 0 ? 0 : 1;
}
