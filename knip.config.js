/** No file and no export that nothing uses. What a package's index names counts as used only where others use it. */
const pkg = { project: ['src/**/*.ts'], includeEntryExports: true };

export default {
  // A type may be exported beside the function that gives it.
  ignoreExportsUsedInFile: { interface: true, type: true },
  workspaces: {
    '.': {
      entry: [
        'scripts/*.{mjs,ts,d.cts}',
        'scripts/faults/main.ts',
        'scripts/film/in-browser.ts',
        'e2e/**/*.ts',
        'examples/*.{ts,mjs}',
      ],
      project: ['scripts/**', 'e2e/**', 'examples/**'],
    },
    'packages/core': pkg,
    'packages/simulator': pkg,
    'packages/coaching': pkg,
    'packages/catalog': { ...pkg, entry: ['src/authoring/main.ts'] },
    'packages/contract': pkg,
    'apps/server': { entry: ['src/main.ts'], project: ['src/**/*.ts'] },
    'apps/client': {
      entry: ['app/**/*.tsx', 'src/state/worker/spalo.worker.ts'],
      project: ['{app,src}/**/*.{ts,tsx}'],
      metro: false,
    },
  },
};
