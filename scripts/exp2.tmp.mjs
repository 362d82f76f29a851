import { build } from 'esbuild';
await build({ entryPoints: ['scripts/exp2.tmp.ts'], bundle: true, platform: 'node', format: 'esm', outfile: '.data/exp2.mjs', logLevel: 'error' });
await import('../.data/exp2.mjs');
