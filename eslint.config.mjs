import { createRequire } from 'node:module';
import prettier from 'eslint-config-prettier';
import tseslint from 'typescript-eslint';

const require = createRequire(import.meta.url);
const expo = require('eslint-config-expo/flat');

const NEW_DATE = "NewExpression[callee.name='Date'][arguments.length=0]";
const DAY_CUT =
  "CallExpression[callee.property.name='slice'][arguments.0.value=0][arguments.1.value=10]";
const DAY = 'A day is the studio’s: studioDay, dayIn or dayPlus of @spalo/core/unit.';
const CLOCK = 'The time comes from nowMs or nowIso of @spalo/core/unit.';

/** A capital and more than one word: what is read by people and may be worded anew, so nothing hangs on it. */
const SENTENCE = '/^[A-Z][a-z]+ \\S+/';
const CODES = 'A sentence decides nothing: compare a code.';
const PLURAL = 'Plurals by countText or wordFor of @spalo/core/unit.';
const EXPECTS = 'A test expects something.';
const words = [
  {
    selector: `BinaryExpression[operator=/^[!=]==$/] > Literal[value=${SENTENCE}]`,
    message: CODES,
  },
  {
    selector: `CallExpression[callee.property.name=/^(startsWith|endsWith|includes)$/] > Literal.arguments[value=${SENTENCE}]`,
    message: CODES,
  },
  {
    selector:
      'ConditionalExpression[test.operator="==="][test.right.value=1][consequent.value=/./][alternate.value=/s$/]',
    message: PLURAL,
  },
];
/** A test without an expectation cannot fail; one that is run by a function which expects names it `expect…`. */
const expects = {
  selector:
    'CallExpression[callee.name=/^(it|test)$/]:not(:has(Identifier[name=/^(expect|assert)/]))[arguments.1.type=/Function/]',
  message: EXPECTS,
};

const inClient = (config) => ({ ...config, files: ['apps/client/**/*.{ts,tsx,js}'] });

const SIZES = 'A size or spacing that is none of the ten: see apps/client/tailwind.config.js.';
const OTHER_SIZE =
  '/(?:^|[\\s:])(?:text-\\[|(?:gap-[xy]|gap(?!-[xy])|[pm][xytblr]?)-(?=[\\d[])(?!(?:0|0\\.5|1|1\\.5|2|3|4|6|7|8|12|auto)(?:[\\s`]|$)))/';
const sizes = [`Literal[value=${OTHER_SIZE}]`, `TemplateElement[value.raw=${OTHER_SIZE}]`].map(
  (selector) => ({ selector, message: SIZES }),
);

export default [
  {
    ignores: [
      '**/node_modules/',
      '**/dist/',
      '.data/',
      '**/.expo/',
      'apps/server/drizzle/',
      'packages/catalog/src/made/',
      // Types beside a script.
      'scripts/*.d.cts',
      'test-results/',
    ],
  },
  ...tseslint.configs.recommended.map((config) => ({
    ...config,
    files: config.files ?? [
      'packages/**/*.ts',
      'apps/server/**/*.ts',
      'e2e/**/*.ts',
      'scripts/**/*.ts',
      'examples/*.ts',
    ],
  })),
  ...expo.filter((config) => !config.ignores || config.files || config.rules).map(inClient),
  {
    files: ['**/*.{ts,tsx}'],
    rules: {
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_' },
      ],
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/no-non-null-assertion': 'off',
      'no-console': 'error',
      eqeqeq: 'error',
    },
  },
  {
    // A screen only arranges: what grows past this wants a hook, a part or a rule of core.
    files: ['apps/client/{app,src}/**/*.{ts,tsx}'],
    ignores: ['**/*.test.ts'],
    rules: {
      'max-lines-per-function': ['error', { max: 90, skipBlankLines: true, skipComments: true }],
    },
  },
  { files: ['apps/server/src/main.ts', 'scripts/faults/main.ts'], rules: { 'no-console': 'off' } },
  { files: ['apps/client/*.js'], rules: { '@typescript-eslint/no-require-imports': 'off' } },
  {
    files: ['apps/client/**'],
    rules: {
      'import/no-unresolved': 'off',
      'import/namespace': 'off',
      'import/no-named-as-default-member': 'off',
    },
  },
  {
    // One clock, which can be set: see packages/core/src/unit/clock.ts.
    files: ['{apps,packages,e2e}/**/*.{ts,tsx}'],
    ignores: ['packages/core/src/unit/clock.ts'],
    rules: {
      'no-restricted-properties': ['error', { object: 'Date', property: 'now', message: CLOCK }],
      'no-restricted-syntax': [
        'error',
        { selector: NEW_DATE, message: CLOCK },
        { selector: DAY_CUT, message: DAY },
        ...words,
      ],
    },
  },
  {
    // Ten sizes of text (tailwind.config.js) and ten spacings: what none of them fits is laid out otherwise.
    files: ['apps/client/{app,src}/**/*.tsx'],
    rules: {
      'no-restricted-syntax': [
        'error',
        { selector: NEW_DATE, message: CLOCK },
        { selector: DAY_CUT, message: DAY },
        ...words,
        ...sizes,
      ],
    },
  },
  {
    // A test says in which zone it plays, and reads words as people do.
    files: ['**/*.{test,test-help,spec}.{ts,tsx}'],
    rules: { 'no-restricted-syntax': ['error', { selector: NEW_DATE, message: CLOCK }, expects] },
  },
  {
    files: ['packages/core/src/**/*.ts'],
    ignores: ['**/*.test.ts', 'packages/core/src/unit/clock.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        'fetch',
        'setTimeout',
        'setInterval',
        'process',
        'window',
        'document',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now', message: 'Core takes the time as an argument.' },
        { object: 'Math', property: 'random', message: 'Core takes randomness as an argument.' },
      ],
      'no-restricted-syntax': [
        'error',
        {
          selector: NEW_DATE,
          message: 'Core takes the time as an argument.',
        },
        { selector: DAY_CUT, message: DAY },
        ...words,
      ],
    },
  },
  prettier,
];
