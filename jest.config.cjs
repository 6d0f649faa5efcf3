/** Unit and API tests run in plain node; the app's tests have a configuration of their own (apps/web). */
const nodeProject = (folder) => ({
  displayName: folder.split('/').pop(),
  rootDir: `${__dirname}/${folder}`,
  testEnvironment: 'node',
  extensionsToTreatAsEsm: ['.ts'],
  transform: {
    '^.+\\.ts$': [
      '@swc/jest',
      { jsc: { parser: { syntax: 'typescript' }, target: 'es2022' }, module: { type: 'es6' } },
    ],
  },
  transformIgnorePatterns: ['/node_modules/(?!@round-mint/)'],
  testMatch: ['**/*.test.ts'],
  setupFiles: [],
});

module.exports = {
  // A cold cache has everything to compile first.
  testTimeout: 60_000,
  // Jest alone would leave a core idle.
  maxWorkers: '100%',
  projects: [nodeProject('packages/core'), nodeProject('packages/contract'), nodeProject('apps/server')],
};
