import { fileURLToPath } from 'node:url';
import { compileLessons } from './scripts/lessons.mjs';

const root = fileURLToPath(new URL('.', import.meta.url));

const swc = {
  '^.+\\.[tj]sx?$': ['@swc/jest', { jsc: { parser: { syntax: 'typescript' }, target: 'es2022' } }],
};
const node = (displayName, dir, extra = {}) => ({
  displayName,
  rootDir: dir,
  testEnvironment: 'node',
  setupFiles: [`${root}scripts/jest-clock.ts`],
  testMatch: ['<rootDir>/src/**/*.test.ts'],
  transform: swc,
  // Some packages ship as ES modules only.
  transformIgnorePatterns: ['/node_modules/(?!(uuid|@date-fns)/)'],
  moduleNameMapper: {
    '^@spalo/catalog/lessons$': `${root}packages/catalog/src/lessons/load.ts`,
    '^@spalo/contract/operations$': `${root}packages/contract/src/operations/index.ts`,
    '^@spalo/core/builder$': `${root}packages/core/src/planning/builder/index.ts`,
    '^@spalo/coaching/builder$': `${root}packages/coaching/src/builder.ts`,
    '^@spalo/coaching/import$': `${root}packages/coaching/src/import.ts`,
    '^@spalo/coaching/take-home$': `${root}packages/coaching/src/take-home.ts`,
    '^@spalo/coaching/build$': `${root}packages/coaching/src/build.ts`,
    '^@spalo/simulator/camera$': `${root}packages/simulator/src/camera/index.ts`,
    '^@spalo/core/blocks$': `${root}packages/core/src/block/ahead.ts`,
    '^@spalo/core/film/names$': `${root}packages/core/src/film/names.ts`,
    '^@spalo/core/([a-z-]+)$': `${root}packages/core/src/$1/index.ts`,
    '^@spalo/coaching/blocks$': `${root}packages/coaching/src/blocks.ts`,
    '^@spalo/(.*)$': `${root}packages/$1/src/index.ts`,
  },
  ...extra,
});

export default async () => {
  await compileLessons();
  return {
    // A guard against hanging, not a measure of speed: property tests against a database take their time.
    testTimeout: 60_000,
    projects: [
      node('core', 'packages/core'),
      node('catalog', 'packages/catalog'),
      node('simulator', 'packages/simulator'),
      node('coaching', 'packages/coaching'),
      node('contract', 'packages/contract'),
      node('server', 'apps/server', {
        globalSetup: `${root}scripts/jest-database.mjs`,
        globalTeardown: `${root}scripts/jest-database-stop.mjs`,
      }),
      node('repository', 'scripts', { testMatch: ['<rootDir>/*.test.ts'] }),
      '<rootDir>/apps/client/jest.config.js',
    ],
  };
};
