/**
 * What is on the screen when a set is logged: the compiler lets only what changed be drawn anew. Elsewhere its
 * bookkeeping would cost more to load than it saves.
 */
const quick = [
  /\/src\/features\/floor\/(FloorScreen|lane\/|scene\/|moments\/)/,
  /\/src\/features\/floor\/set\/(NowCard|RestStrip|LogBar|LoadLine|CueCard|SetUpStrip|TeachStrip|SetWatch)/,
  /\/src\/design\/(Button|LaneStrip|Ramp|RampLine)\.tsx/,
];

module.exports = function (api) {
  api.cache(true);
  return {
    presets: [
      [
        'babel-preset-expo',
        {
          jsxImportSource: 'nativewind',
          'react-compiler': { sources: (file) => quick.some((path) => path.test(file)) },
        },
      ],
      'nativewind/babel',
    ],
  };
};
