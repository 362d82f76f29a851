import all from '../jest.config.mjs';

/** What Stryker is told; see mutate.mjs. */
const [place, ...folders] = process.env.SPALO_MUTATE.split('/');
const root = place === 'server' ? 'apps/server' : `packages/${place}`;
const inside = `${root}/src/${folders.join('/')}`;

const { projects, ...rest } = await all();
const project = projects.find(({ displayName }) => displayName === place);

export default {
  testRunner: 'jest',
  plugins: ['@stryker-mutator/jest-runner'],
  // The tests of that place alone.
  jest: {
    projectType: 'custom',
    config: { ...rest, ...project, rootDir: root },
    enableFindRelatedTests: true,
  },
  coverageAnalysis: 'perTest',
  mutate: inside.endsWith('.ts')
    ? [inside]
    : [`${inside}/**/*.ts`, `!${inside}/**/*.test.ts`, `!${inside}/**/*.test-help.ts`],
  // Sentences are read by people; what they say is not what decides.
  mutator: { excludedMutations: ['StringLiteral'] },
  ignoreStatic: true,
  concurrency: 2,
  tempDirName: '.data/stryker',
  ignorePatterns: ['.data', 'apps/client/dist', 'apps/client/.expo', 'test-results', 'docs'],
  reporters: ['clear-text', 'progress-append-only'],
  clearTextReporter: { allowColor: false, logTests: false, reportTests: false },
  timeoutMS: 20_000,
  disableTypeChecks: false,
};
