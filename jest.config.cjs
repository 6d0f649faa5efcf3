/** Unit and API tests run in plain node; component tests under jest-expo (apps/web/jest.config.cjs). */
const nodeProject = (name) => ({
  displayName: name.split('/').pop(),
  rootDir: `<rootDir>/${name}`,
  testEnvironment: 'node',
  extensionsToTreatAsEsm: ['.ts'],
  transform: {
    '^.+\\.ts$': ['@swc/jest', { jsc: { parser: { syntax: 'typescript' }, target: 'es2022' }, module: { type: 'es6' } }],
  },
  testMatch: ['**/*.test.ts'],
});

module.exports = {
  projects: [
    { ...nodeProject('packages/core'), rootDir: `${__dirname}/packages/core` },
  ],
};
