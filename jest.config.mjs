import { compileLessons } from './scripts/lessons.mjs';

const swc = {
  '^.+\\.[tj]sx?$': ['@swc/jest', { jsc: { parser: { syntax: 'typescript' }, target: 'es2022' } }],
};
const node = (displayName, dir, extra = {}) => ({
  displayName,
  rootDir: dir,
  testEnvironment: 'node',
  setupFiles: ['<rootDir>/../../scripts/jest-clock.ts'],
  testMatch: ['<rootDir>/src/**/*.test.ts'],
  transform: swc,
  // Some packages ship as ES modules only.
  transformIgnorePatterns: ['/node_modules/(?!(uuid|@date-fns)/)'],
  moduleNameMapper: {
    '^@spalo/catalog/lessons$': '<rootDir>/../../packages/catalog/src/lessons/load.ts',
    '^@spalo/contract/operations$': '<rootDir>/../../packages/contract/src/operations/index.ts',
    '^@spalo/core/builder$': '<rootDir>/../../packages/core/src/planning/builder/index.ts',
    '^@spalo/coaching/builder$': '<rootDir>/../../packages/coaching/src/builder.ts',
    '^@spalo/coaching/import$': '<rootDir>/../../packages/coaching/src/import.ts',
    '^@spalo/coaching/take-home$': '<rootDir>/../../packages/coaching/src/take-home.ts',
    '^@spalo/coaching/build$': '<rootDir>/../../packages/coaching/src/build.ts',
    '^@spalo/core/film$': '<rootDir>/../../packages/core/src/film/index.ts',
    '^@spalo/simulator/camera$': '<rootDir>/../../packages/simulator/src/camera/index.ts',
    '^@spalo/core/geometry$': '<rootDir>/../../packages/core/src/geometry/index.ts',
    '^@spalo/core/blocks$': '<rootDir>/../../packages/core/src/block/index.ts',
    '^@spalo/coaching/blocks$': '<rootDir>/../../packages/coaching/src/blocks.ts',
    '^@spalo/(.*)$': '<rootDir>/../../packages/$1/src/index.ts',
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
        globalSetup: '<rootDir>/../../scripts/jest-database.mjs',
        globalTeardown: '<rootDir>/../../scripts/jest-database-stop.mjs',
      }),
      '<rootDir>/apps/client/jest.config.js',
    ],
  };
};
