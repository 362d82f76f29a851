const { options } = require('./.dependency-cruiser.cjs');

/** Folders import in one direction: no way leads from a folder through others back to it. Tests may look anywhere. */
module.exports = {
  forbidden: [
    {
      name: 'no-circles-of-folders',
      severity: 'error',
      scope: 'folder',
      from: {},
      to: { circular: true },
    },
  ],
  options: {
    ...options,
    exclude: { path: '(^|/)(dist|\\.expo)/|\\.test\\.tsx?$|test-help|/src/test/' },
  },
};
