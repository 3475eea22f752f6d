import js from '@eslint/js';
import globals from 'globals';

export default [
  { ignores: ['node_modules/'] },
  js.configs.recommended,
  {
    files: ['scripts/**/*.js'],
    languageOptions: {
      sourceType: 'script',
      globals: { ...globals.browser, htmx: 'readonly', Idiomorph: 'readonly', Alpine: 'readonly' },
    },
    rules: {
      eqeqeq: 'error',
      'no-implicit-globals': 'error',
      'no-var': 'error',
      'prefer-const': 'error',
      'max-len': ['error', { code: 120 }],
    },
  },
  { files: ['scripts/turn.js'], languageOptions: { sourceType: 'module' } },
  { files: ['*.mjs'], languageOptions: { globals: globals.node } },
];
