import js from '@eslint/js';
import { defineConfig, globalIgnores } from 'eslint/config';
import prettier from 'eslint-config-prettier';
import reactHooks from 'eslint-plugin-react-hooks';
import globals from 'globals';
import tseslint from 'typescript-eslint';

const pureCore = {
  'no-restricted-imports': [
    'error',
    {
      patterns: [
        { group: ['node:*', '@ample-bolt/server*', '@ample-bolt/web*'], message: 'core stays pure' },
      ],
    },
  ],
  'no-restricted-globals': [
    'error',
    ...['process', 'Buffer', 'window', 'document', 'fetch', 'performance', 'setTimeout'].map((name) => ({
      name,
      message: 'core has no side effects; pass what it needs as an argument',
    })),
  ],
  'no-restricted-properties': [
    'error',
    { object: 'Math', property: 'random', message: 'use a seeded generator' },
    { object: 'Date', property: 'now', message: 'core has no clock' },
  ],
};

export default defineConfig(
  globalIgnores(['**/dist', 'data', 'test-results', 'node_modules']),
  js.configs.recommended,
  {
    files: ['**/*.{ts,tsx}'],
    extends: [tseslint.configs.recommendedTypeChecked],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/switch-exhaustiveness-check': 'error',
      '@typescript-eslint/no-explicit-any': 'error',
      'max-lines': ['error', { max: 350, skipBlankLines: true, skipComments: true }],
    },
  },
  { files: ['web/**/*.{ts,tsx}'], extends: [reactHooks.configs.flat.recommended] },
  { files: ['core/src/**/*.ts'], ignores: ['**/*.test.ts'], rules: pureCore },
  { files: ['**/*.{js,mjs}'], languageOptions: { globals: globals.node } },
  prettier,
);
