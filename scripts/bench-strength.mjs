import path from 'node:path';
import { inRoot } from './paths.mjs';
import { must } from './run.mjs';

/** Bundles and runs the bench of the strength model and the loader, which needs no server. */
export async function benchStrength() {
  const { build } = await import('esbuild');
  const outfile = inRoot('apps/server/dist/bench-strength.mjs');
  await build({
    entryPoints: [inRoot('scripts/bench-strength.ts')],
    outfile,
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    logLevel: 'warning',
    external: ['zod'],
  });
  await must('node', [path.relative(process.cwd(), outfile)]);
}

if (process.argv[1]?.endsWith('bench-strength.mjs')) await benchStrength();
