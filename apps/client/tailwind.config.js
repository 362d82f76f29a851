const tone = (name) => `rgb(var(--${name}) / <alpha-value>)`;
const tones = [
  'paper',
  'card',
  'ink',
  'slate',
  'line',
  'moss',
  'on-moss',
  'warm-up',
  'coming',
  'marigold',
  'on-marigold',
  'marigold-soft',
  'marigold-text',
  'oxide',
  'oxide-soft',
];

/** @type {import('tailwindcss').Config} */
module.exports = {
  darkMode: 'class',
  content: ['./app/**/*.tsx', './src/**/*.{ts,tsx}'],
  presets: [require('nativewind/preset')],
  theme: {
    extend: {
      colors: Object.fromEntries(tones.map((name) => [name, tone(name)])),
      fontFamily: {
        // Each weight is a family of its own: react-native loads fonts by name.
        figure: ['BarlowCondensed_600SemiBold', 'Arial Narrow', 'sans-serif'],
        text: ['AtkinsonHyperlegibleNext_400Regular', 'Verdana', 'sans-serif'],
        strong: ['AtkinsonHyperlegibleNext_600SemiBold', 'Verdana', 'sans-serif'],
      },
      // Ten sizes, and no others (a lint sees to it). Everything in rem, so that text set to 200 % grows everywhere.
      fontSize: {
        tiny: ['0.875rem', '1.15rem'],
        small: ['0.9375rem', '1.25rem'],
        body: ['1.0625rem', '1.45rem'],
        lead: ['1.25rem', '1.6rem'],
        figure: ['1.5rem', '1.6rem'],
        name: ['1.75rem', '2rem'],
        title: ['2rem', '2.1rem'],
        large: ['2.25rem', '2.5rem'],
        loud: ['2.75rem', '3rem'],
        working: ['4.25rem', '3.75rem'],
      },
      // A thumb does not grow with the text.
      minHeight: { tap: '48px' },
      minWidth: { tap: '48px' },
    },
  },
};
