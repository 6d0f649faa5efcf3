import { defineConfig, globalIgnores } from 'eslint/config';
import expo from 'eslint-config-expo/flat.js';
import prettier from 'eslint-config-prettier';

/** What is not about React is oxlint's (.oxlintrc.json): it reads every file in the time that this takes for a few. */
const OXLINTS = expo
  .flatMap(({ rules }) => Object.keys(rules ?? {}))
  .filter((rule) => !/^(react|react-hooks|expo)\//.test(rule));

export default defineConfig([
  globalIgnores([
    '**/dist/',
    '**/.expo/',
    'apps/web/expo-env.d.ts',
    // No React there, or none that the compiler sees: its rules would run it over every file to find nothing.
    '**/*.test.ts',
    '**/*.test.tsx',
    'apps/web/testing/',
  ]),
  expo,
  prettier,
  { rules: Object.fromEntries(OXLINTS.map((rule) => [rule, 'off'])) },
  {
    // Class names are pushed into a style that is a list; the compiler keeps that list, and the classes of before with it.
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: "JSXAttribute[name.name='style'] > JSXExpressionContainer > ArrayExpression",
          message: 'Give one object: StyleSheet.flatten puts several together.',
        },
      ],
    },
  },
]);
