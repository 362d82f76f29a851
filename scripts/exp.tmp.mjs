import { build } from 'esbuild';
await build({ entryPoints: ['scripts/exp.tmp.ts'], bundle: true, platform: 'node', format: 'esm', outfile: '.data/exp.mjs', logLevel: 'error' });
await import('../.data/exp.mjs');
