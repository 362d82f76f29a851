/**
 * What is drawn while somebody taps on the floor: the compiler lets only what changed be drawn anew. Elsewhere its
 * bookkeeping would cost more to load than it saves.
 */
const quick =
  /\/src\/(features\/floor\/(lane|moments|scene|set|FloorScreen)|design\/(Button|LaneStrip|Ramp|RampLine|RepRail)\.tsx)/;

module.exports = function (api) {
  api.cache(true);
  return {
    presets: [
      [
        'babel-preset-expo',
        {
          jsxImportSource: 'nativewind',
          'react-compiler': { sources: (file) => quick.test(file) },
        },
      ],
      'nativewind/babel',
    ],
  };
};
