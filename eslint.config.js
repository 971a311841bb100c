import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import vue from 'eslint-plugin-vue';
import globals from 'globals';
import ts from 'typescript-eslint';

export default ts.config(
  {
    ignores: [
      '**/dist/',
      '**/bundle/',
      '**/node_modules/',
      '.tmp/',
      'data/',
      '**/test-results/',
      '**/playwright-report/',
    ],
  },
  js.configs.recommended,
  ts.configs.strict,
  ts.configs.stylistic,
  vue.configs['flat/recommended'],
  {
    files: ['**/*.vue'],
    languageOptions: {
      parserOptions: { parser: ts.parser },
      globals: { ...globals.browser, __VERSION__: 'readonly' },
    },
  },
  { files: ['packages/web/**/*.ts'], languageOptions: { globals: globals.browser } },
  { files: ['scripts/**', '*.config.*', '*.cjs', 'e2e/**'], languageOptions: { globals: globals.node } },
  {
    rules: {
      eqeqeq: 'error',
      'no-console': ['error', { allow: ['error'] }],
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      'vue/multi-word-component-names': 'off',
      'vue/require-default-prop': 'off',
      'max-lines': ['error', 300],
      complexity: ['error', 20],
      // The formatter is never switched off, nor a literal packed to get round it: that also switches off the check for
      // properties that do not exist.
      'no-warning-comments': ['error', { terms: ['prettier-ignore'], location: 'anywhere' }],
      'no-restricted-syntax': [
        'error',
        {
          selector: 'ObjectExpression > SpreadElement > ObjectExpression',
          message: 'Write the properties themselves.',
        },
      ],
    },
  },
  {
    // Inner loops over typed arrays, whose indices are right by construction.
    files: ['packages/core/src/planner/search/**'],
    rules: { '@typescript-eslint/no-non-null-assertion': 'off' },
  },
  { files: ['scripts/**'], rules: { 'no-console': 'off' } },
  { files: ['**/*.test.ts'], rules: { complexity: 'off' } },
  {
    files: ['packages/{core,server,web}/src/**/*.ts'],
    // The demo's builders are lists of what an invented household has.
    ignores: ['**/*.test.ts', '**/testing/**', 'packages/server/src/demo/**'],
    rules: { 'max-lines-per-function': ['error', { max: 60, skipBlankLines: true, skipComments: true }] },
  },
  prettier,
);
