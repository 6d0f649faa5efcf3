import { defineConfig, globalIgnores } from 'eslint/config';
import expo from 'eslint-config-expo/flat.js';
import prettier from 'eslint-config-prettier';
import globals from 'globals';

const TYPESCRIPT_PROJECTS = ['packages/*/tsconfig.json', 'apps/*/tsconfig.json', 'e2e/tsconfig.json'];

export default defineConfig([
  globalIgnores(['**/dist/', '**/.expo/', '**/migrations/', 'apps/web/expo-env.d.ts', '.cache/']),
  expo,
  prettier,
  {
    settings: {
      'import/ignore': ['node_modules'],
      'import/resolver': { typescript: { project: TYPESCRIPT_PROJECTS } },
    },
  },
  {
    rules: {
      eqeqeq: ['error', 'always'],
      'no-console': ['error', { allow: ['warn', 'error'] }],
      'max-lines': ['error', { max: 320, skipBlankLines: true, skipComments: true }],
    },
  },
  {
    files: ['**/*.ts', '**/*.tsx'],
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
    },
  },
  {
    // Rules that know types: nothing that may fail is started and forgotten, nothing is worked out and dropped.
    files: ['packages/*/src/**/*.ts', 'apps/**/*.ts', 'apps/**/*.tsx', 'e2e/*.ts'],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/no-floating-promises': ['error', { ignoreVoid: true }],
      '@typescript-eslint/no-misused-promises': ['error', { checksVoidReturn: false }],
      '@typescript-eslint/await-thenable': 'error',
      '@typescript-eslint/no-unused-expressions': 'error',
      '@typescript-eslint/no-unnecessary-type-assertion': 'error',
    },
  },
  {
    // Core computes: no clock, no chance without a seed, no input or output.
    files: ['packages/core/src/**/*.ts'],
    ignores: ['**/*.test.ts', '**/*.bench.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        'fetch',
        'window',
        'document',
        'process',
        'setTimeout',
        'performance',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'Take a seeded source as an argument.' },
        { object: 'Date', property: 'now', message: 'Take the time as an argument.' },
      ],
    },
  },
  {
    files: [
      'scripts/**/*.mjs',
      '**/*.config.*',
      '**/*.cjs',
      'apps/server/src/main.ts',
      'e2e/**/*.ts',
      '**/*.bench.ts',
    ],
    languageOptions: { globals: globals.node },
    rules: { 'no-console': 'off' },
  },
]);
