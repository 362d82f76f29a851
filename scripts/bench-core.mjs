import path from 'node:path';
import { inRoot } from './paths.mjs';
import { must } from './run.mjs';

/** Bundles and runs a bench of the core, which needs no server: `strength`, `training` or `ramps`. */
export async function benchCore(name) {
  const { build } = await import('esbuild');
  const outfile = inRoot(`apps/server/dist/bench-${name}.mjs`);
  await build({
    entryPoints: [inRoot(`scripts/bench-${name}.ts`)],
    outfile,
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    logLevel: 'warning',
    external: ['zod', 'highs'],
  });
  await must('node', [path.relative(process.cwd(), outfile)]);
}

if (process.argv[1]?.endsWith('bench-core.mjs')) await benchCore(process.argv[2] ?? 'ramps');
