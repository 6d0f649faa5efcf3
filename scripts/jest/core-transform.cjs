/** Core's modules in component tests: compiled as Expo's preset does, with the usual globals in their own scope. */
const { createTransformer } = require('babel-jest').default;
const { OWN_GLOBALS } = require('./own-globals.cjs');

const expo = createTransformer({ caller: { name: 'metro', bundler: 'metro', platform: 'ios' } });

module.exports = {
  ...expo,
  getCacheKey: (text, ...rest) => expo.getCacheKey(`${OWN_GLOBALS}${text}`, ...rest),
  process: (text, ...rest) => expo.process(`${OWN_GLOBALS}${text}`, ...rest),
};
