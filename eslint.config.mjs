import { defineConfig, globalIgnores } from 'eslint/config';
import expo from 'eslint-config-expo/flat.js';
import prettier from 'eslint-config-prettier';
import globals from 'globals';

const TYPESCRIPT_PROJECTS = ['packages/*/tsconfig.json', 'apps/*/tsconfig.json', 'e2e/tsconfig.json'];

const REACT_RULES = expo
  .flatMap(({ rules }) => Object.keys(rules ?? {}))
  .filter((rule) => /^react(-hooks)?\//.test(rule));

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
      // The compiler knows what a module exports.
      'import/namespace': 'off',
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
    // Nothing is worked out and dropped. Rules that know types are oxlint's: it asks the native compiler.
    files: ['packages/*/src/**/*.ts', 'apps/**/*.ts', 'apps/**/*.tsx', 'e2e/*.ts'],
    rules: { '@typescript-eslint/no-unused-expressions': 'error' },
  },
  {
    // No React there, or none that the compiler sees: its rules would run it over every file to find nothing.
    files: [
      'packages/**',
      'apps/server/**',
      'e2e/**',
      'scripts/**',
      'apps/web/**/*.test.ts',
      'apps/web/**/*.test.tsx',
      'apps/web/testing/**',
    ],
    rules: Object.fromEntries(REACT_RULES.map((rule) => [rule, 'off'])),
  },
  {
    // Class names are pushed into a style that is a list; the compiler keeps that list, and the classes of before with it.
    files: ['apps/web/**/*.ts', 'apps/web/**/*.tsx'],
    rules: {
      'no-restricted-properties': [
        'error',
        { object: 'crypto', property: 'randomUUID', message: 'Missing on plain http: newId makes ids.' },
        { property: 'clipboard', object: 'navigator', message: 'Missing on plain http: useCopy copies.' },
      ],
      'no-restricted-syntax': [
        'error',
        {
          selector: "JSXAttribute[name.name='style'] > JSXExpressionContainer > ArrayExpression",
          message: 'Give one object: StyleSheet.flatten puts several together.',
        },
      ],
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
