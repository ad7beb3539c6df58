import a11y from 'eslint-plugin-jsx-a11y';
import hooks from 'eslint-plugin-react-hooks';
import ts from 'typescript-eslint';

/** What the computation must not know: a clock, chance, files, an interface. */
const IMPURE = [
  { name: 'window', message: 'core has no interface.' },
  { name: 'document', message: 'core has no interface.' },
  { name: 'localStorage', message: 'core stores nothing.' },
  { name: 'fetch', message: 'core reaches nowhere.' },
  { name: 'process', message: 'core runs anywhere.' },
  { name: 'performance', message: 'core has no clock.' },
];

const TESTS = ['**/*.test.ts', '**/*.test.tsx', 'core/test/**', 'e2e/**', 'bench/**'];

export default ts.config(
  { ignores: ['**/dist/', '**/node_modules/', 'test-results/', 'playwright-report/'] },
  ...ts.configs.strict,
  {
    rules: {
      '@typescript-eslint/no-unused-vars': [
        'error',
        { varsIgnorePattern: '^_', argsIgnorePattern: '^_' },
      ],
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      '@typescript-eslint/no-invalid-void-type': 'off',
      eqeqeq: 'error',
      'max-lines': ['error', { max: 350, skipBlankLines: true, skipComments: true }],
    },
  },
  {
    files: ['**/*.ts', '**/*.tsx'],
    ignores: TESTS,
    rules: {
      // A function fits a screen; a written-down chain or a page of fields may fill one and a half.
      'max-lines-per-function': ['error', { max: 100, skipBlankLines: true, skipComments: true }],
    },
  },
  {
    files: ['core/**/*.ts'],
    ignores: ['core/test/**', '**/*.test.ts'],
    rules: {
      'no-restricted-globals': ['error', ...IMPURE],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'core has no chance.' },
        { object: 'Date', property: 'now', message: 'core has no clock.' },
      ],
      'no-restricted-syntax': [
        'error',
        { selector: "NewExpression[callee.name='Date']", message: 'core has no clock; use time/.' },
        {
          selector: 'Literal[regex.flags=/i/][regex.pattern=/\\\\p[{]L[}]/]',
          message: 'Under /i, \\p{L} costs a third of a millisecond to compile: write [a-zß-ɏ].',
        },
      ],
      'no-restricted-imports': [
        'error',
        { patterns: ['node:*', 'react', 'react-*', '@reduxjs/*', 'idb', 'express', 'fs', 'path'] },
      ],
    },
  },
  {
    files: ['web/**/*.tsx', 'web/**/*.ts'],
    plugins: { 'react-hooks': hooks, 'jsx-a11y': a11y },
    rules: {
      ...hooks.configs.recommended.rules,
      ...a11y.flatConfigs.recommended.rules,
      // The palette's field is what the dialog is opened for.
      'jsx-a11y/no-autofocus': 'off',
    },
  },
  {
    files: ['web/**/*.test.tsx'],
    ignores: ['**/*.alone.test.tsx'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: "CallExpression[callee.object.name='vi'][callee.property.name='mock']",
          message: 'Files share modules: name this one *.alone.test.tsx.',
        },
      ],
    },
  },
);
