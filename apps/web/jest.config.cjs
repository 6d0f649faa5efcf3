/** Component tests, under Expo's own preset. */
const LET_THROUGH = [
  '(jest-)?react-native',
  '@react-native(-community)?',
  'expo(nent)?',
  '@expo(nent)?/.*',
  'react-navigation',
  '@react-navigation/.*',
  'nativewind',
  'react-native-css-interop',
  'lucide-react-native',
  'immer',
  '@reduxjs/toolkit',
  'react-redux',
  'd3-.*',
  'internmap',
  'nanoid',
  'uuid',
];

/** Core and contract as one script each test file reads (scripts/jest/bundled-packages.mjs). */
const PACKAGES = `${__dirname}/../../node_modules/.cache/round-mint/bundled-packages`;

module.exports = {
  displayName: 'web',
  // A cold cache has everything to compile first, and a busy machine takes five times as long.
  testTimeout: 240_000,
  // Jest alone would leave a core idle.
  maxWorkers: '100%',
  setupFilesAfterEnv: ['<rootDir>/testing/wait-for-store.ts'],
  preset: 'jest-expo',
  globalSetup: '<rootDir>/../../scripts/jest/bundled-packages.mjs',
  rootDir: __dirname,
  cacheDirectory: '<rootDir>/../../node_modules/.cache/jest',
  testMatch: ['**/*.test.ts', '**/*.test.tsx'],
  transform: { '\\.md$': '<rootDir>/markdown/jest-transform.cjs' },
  transformIgnorePatterns: [`/node_modules/(?!(${LET_THROUGH.join('|')}))`],
  moduleNameMapper: {
    '^(@/workers|\\.)/start-job$': '<rootDir>/testing/start-job-in-page.ts',
    '^@/ui/base64$': '<rootDir>/testing/base64-in-page.ts',
    '^(@/ui|\\.)/pixels$': '<rootDir>/testing/pixels-in-page.ts',
    '^@/features/shared/picture/LazyHandlePicture$': '<rootDir>/testing/no-ring-picture.tsx',
    '^@/features/shared/picture/LazyRingPicture$': '<rootDir>/testing/no-ring-picture.tsx',
    '^idb-keyval$': '<rootDir>/testing/memory-keyval.ts',
    '^@docs/(.*)$': '<rootDir>/../../docs/$1',
    '^@/(.*)$': '<rootDir>/$1',
    '^@round-mint/(core|contract)/(.*)$': `${PACKAGES}/$1/$2.js`,
    '^lucide-react-native/icons/(.*)$': require
      .resolve('lucide-react-native')
      .replace(/dist.*$/, 'dist/cjs/icons/$1.js'),
    // Their module builds are .mjs, which Expo's transform does not take: the same code as scripts.
    '^(d3-[a-z-]+|internmap)$': '<rootDir>/../../node_modules/$1/dist/$1.js',
    '\\.css$': '<rootDir>/testing/empty.js',
  },
};
