/** Who may import whom; docs/architecture.md says why. */
const only = (from, allowed) => ({
  name: `${from.replaceAll('/', '-')}-imports`,
  severity: 'error',
  from: { path: `^${from}/`, pathNot: '\\.test\\.tsx?$|test-help' },
  to: {
    path: '^(packages|apps|e2e|scripts)/',
    pathNot: [`^${from}/`, ...allowed.map((place) => `^${place}/src/index\\.ts$`)],
  },
});

module.exports = {
  forbidden: [
    only('packages/core', []),
    only('packages/catalog', ['packages/core']),
    only('packages/contract', ['packages/core']),
    only('apps/server', ['packages/core', 'packages/catalog', 'packages/contract']),
    only('apps/client', ['packages/core', 'packages/catalog', 'packages/contract']),
    {
      name: 'core-has-no-interface-and-no-io',
      severity: 'error',
      from: { path: '^packages/core/src/', pathNot: '\\.test\\.ts$' },
      to: { dependencyTypes: ['npm', 'npm-dev', 'npm-peer', 'core'] },
    },
    {
      name: 'screens-only-arrange',
      comment:
        'A route file takes features and the shell; it does not reach into the design system’s neighbours.',
      severity: 'error',
      from: { path: '^apps/client/src/design/' },
      to: { path: '^apps/client/(src/(features|state|shell|api)|app)/' },
    },
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'no-tests-in-product',
      severity: 'error',
      from: { pathNot: '\\.test\\.tsx?$|test-help|/test/|^e2e/' },
      to: { path: '\\.test\\.tsx?$|test-help|/src/test/' },
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
