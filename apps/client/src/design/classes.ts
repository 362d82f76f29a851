import { extendTailwindMerge } from 'tailwind-merge';

/** Joins class names; of two that set the same thing the later one wins, whatever their order in the style sheet. */
export const classes = extendTailwindMerge({
  extend: {
    classGroups: {
      'font-size': [
        {
          text: [
            'tiny',
            'small',
            'body',
            'lead',
            'figure',
            'name',
            'title',
            'large',
            'loud',
            'working',
          ],
        },
      ],
      'font-family': [{ font: ['figure', 'text', 'strong'] }],
    },
  },
});
