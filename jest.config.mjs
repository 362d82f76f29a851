import { fileURLToPath } from 'node:url';
import faces from './scripts/faces.cjs';
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
  moduleNameMapper: faces,
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
