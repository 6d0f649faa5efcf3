/** Unit and API tests run in plain node; the app's tests have a configuration of their own (apps/web). */
const nodeProject = (folder, more = {}) => ({
  displayName: folder.split('/').pop(),
  rootDir: `${__dirname}/${folder}`,
  cacheDirectory: `${__dirname}/node_modules/.cache/jest`,
  testEnvironment: `${__dirname}/scripts/jest/node-environment.cjs`,
  extensionsToTreatAsEsm: ['.ts'],
  transform: { '\\.test\\.ts$': `${__dirname}/scripts/jest/bundle-transform.cjs` },
  testMatch: ['**/*.test.ts'],
  ...more,
});

module.exports = {
  // A cold cache has everything to compile first, and a busy machine takes five times as long.
  testTimeout: 240_000,
  // Jest alone would leave a core idle.
  maxWorkers: '100%',
  projects: [
    nodeProject('packages/core'),
    nodeProject('packages/contract'),
    nodeProject('apps/server', { globalSetup: `${__dirname}/scripts/jest/test-databases.mjs` }),
  ],
};
