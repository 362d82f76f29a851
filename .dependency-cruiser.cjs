const orders = require('./.dependency-cruiser.orders.cjs');

/** Who may import whom; docs/architecture.md says why and draws it. */
const TEST = '\\.test\\.tsx?$|test-help|/test/';

/** The files that a package shows: what its package.json exports. */
const facesOf = (place) =>
  Object.values(require(`./${place}/package.json`).exports).map((file) =>
    `${place}/${file.replace('./', '')}`.replaceAll('.', '\\.'),
  );

/** A package or app and the packages whose faces it may use. */
const only = (from, allowed) => ({
  name: `${from.replaceAll('/', '-')}-imports`,
  severity: 'error',
  from: { path: `^${from}/`, pathNot: TEST },
  to: {
    path: '^(packages|apps|e2e|scripts)/',
    pathNot: [`^${from}/`, ...allowed.flatMap(facesOf).map((file) => `^${file}$`)],
  },
});

/** No folder imports one that stands behind it in the order of its place. */
const downward = ({ root, folders }) =>
  folders.slice(0, -1).map((folder, at) => ({
    name: `${root.replaceAll('/', '-')}-${folder.replaceAll('/', '-')}-imports-downward`,
    severity: 'error',
    from: { path: `^${root}/${folder}/`, pathNot: TEST },
    to: { path: `^${root}/(${folders.slice(at + 1).join('|')})/` },
  }));

module.exports = {
  forbidden: [
    only('packages/core', []),
    only('packages/catalog', ['packages/core']),
    only('packages/simulator', ['packages/core']),
    only('packages/coaching', ['packages/core', 'packages/catalog']),
    only('packages/contract', ['packages/core']),
    only('apps/server', [
      'packages/core',
      'packages/catalog',
      'packages/coaching',
      'packages/contract',
      'packages/simulator',
    ]),
    only('apps/client', [
      'packages/core',
      'packages/catalog',
      'packages/coaching',
      'packages/contract',
    ]),
    ...orders.flatMap(downward),
    {
      name: 'features-never-import-features',
      comment:
        'What two features need goes to parts; what needs no React goes to core or coaching.',
      severity: 'error',
      from: { path: '^apps/client/src/features/([^/]+)/' },
      to: { path: '^apps/client/src/features/', pathNot: '^apps/client/src/features/$1/' },
    },
    {
      name: 'nothing-but-the-index-at-the-root',
      severity: 'error',
      from: {},
      to: { path: '^packages/(core|catalog|contract)/src/(?!index\\.ts$)[^/]+\\.ts$' },
    },
    {
      name: 'core-has-no-interface-and-no-io',
      severity: 'error',
      from: { path: '^packages/core/src/', pathNot: TEST },
      to: { dependencyTypes: ['npm', 'npm-dev', 'npm-peer', 'core'] },
    },
    {
      name: 'only-the-server-simulates',
      comment: 'Neither the device nor what it downloads carries the simulator.',
      severity: 'error',
      from: { path: '^(apps/client|packages/(core|catalog|coaching|contract))/', pathNot: TEST },
      to: { path: '^packages/simulator/' },
    },
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'no-tests-in-product',
      severity: 'error',
      from: { pathNot: `${TEST}|^e2e/` },
      to: { path: `\\.test\\.tsx?$|test-help|/src/test/` },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)(dist|\\.expo)/' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'default'],
      extensions: ['.ts', '.tsx', '.mjs', '.js'],
    },
  },
};
