module.exports = {
  displayName: 'client',
  preset: 'jest-expo/web',
  rootDir: __dirname,
  setupFiles: ['<rootDir>/../../scripts/jest-clock.ts'],
  testMatch: ['<rootDir>/src/**/*.test.{ts,tsx}'],
  transform: {
    '\\.(m?[jt]sx?)$': ['babel-jest', { configFile: require.resolve('./babel.config.js') }],
  },
  transformIgnorePatterns: [
    '/node_modules/(?!(.pnpm|react-native|@react-native|@react-native-community|expo|@expo|@expo-google-fonts|react-navigation|@react-navigation|nativewind|react-native-css-interop|lucide-react-native|uuid|@date-fns|date-fns|idb-keyval|@spalo)/?)',
  ],
  moduleNameMapper: {
    '\\.css$': '<rootDir>/jest/empty.js',
    // Packages that are not compiled here ask for it by the name of the other platforms.
    '^react-native$': require.resolve('react-native-web'),
    // There are no workers here: tasks are done where they are asked for.
    'worker/ask$': '<rootDir>/src/state/worker/ask-here.test-help.ts',
    '^@/(.*)$': '<rootDir>/src/$1',
    '^@spalo/catalog/lessons$': '<rootDir>/../../packages/catalog/src/lessons/load.ts',
    '^@spalo/contract/operations$': '<rootDir>/../../packages/contract/src/operations/index.ts',
    '^@spalo/core/builder$': '<rootDir>/../../packages/core/src/planning/builder/index.ts',
    '^@spalo/coaching/builder$': '<rootDir>/../../packages/coaching/src/builder.ts',
    '^@spalo/coaching/import$': '<rootDir>/../../packages/coaching/src/import.ts',
    '^@spalo/coaching/take-home$': '<rootDir>/../../packages/coaching/src/take-home.ts',
    '^@spalo/coaching/build$': '<rootDir>/../../packages/coaching/src/build.ts',
    '^@spalo/core/blocks$': '<rootDir>/../../packages/core/src/block/ahead.ts',
    '^@spalo/core/film/names$': '<rootDir>/../../packages/core/src/film/names.ts',
    '^@spalo/core/([a-z-]+)$': '<rootDir>/../../packages/core/src/$1/index.ts',
    '^@spalo/coaching/blocks$': '<rootDir>/../../packages/coaching/src/blocks.ts',
    '^@spalo/(.*)$': '<rootDir>/../../packages/$1/src/index.ts',
  },
};
