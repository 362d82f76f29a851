const faces = require('../../scripts/faces.cjs');

module.exports = {
  displayName: 'client',
  preset: 'jest-expo/web',
  rootDir: __dirname,
  setupFiles: ['<rootDir>/jest/text.js', '<rootDir>/../../scripts/jest-clock.ts'],
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
    ...faces,
  },
};
