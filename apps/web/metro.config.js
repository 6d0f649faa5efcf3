const { getDefaultConfig } = require('expo/metro-config');
const { withNativeWind } = require('nativewind/metro');

const config = getDefaultConfig(__dirname);
config.transformer.minifierPath = require.resolve('./minify.cjs');
// It shortens names that the minifier shortens as well, in a fifth of a first build's time.
config.transformer.unstable_disableNormalizePseudoGlobals = true;

module.exports = withNativeWind(config, { input: './global.css', inlineRem: 16 });
