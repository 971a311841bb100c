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
    },
  },
  {
    // Inner loops over typed arrays, whose indices are right by construction.
    files: ['packages/core/src/planner/search/**'],
    rules: { '@typescript-eslint/no-non-null-assertion': 'off' },
  },
  { files: ['scripts/**'], rules: { 'no-console': 'off' } },
  prettier,
);
