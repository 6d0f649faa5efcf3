const { join } = require('node:path');
const { getDefaultConfig } = require('expo/metro-config');
const { withNativeWind } = require('nativewind/metro');

const config = getDefaultConfig(__dirname);
config.transformer.minifierPath = require.resolve('./minify.cjs');
// It shortens names that the minifier shortens as well, in a fifth of a first build's time.
config.transformer.unstable_disableNormalizePseudoGlobals = true;

// The handbook and its words are pages of docs/.
config.watchFolders.push(join(__dirname, '../../docs'));
config.resolver.sourceExts.push('md');
config.transformer.babelTransformerPath = require.resolve('./markdown/metro-transformer.cjs');

const ZOD_ITSELF = /[\\/]zod[\\/]v4[\\/](classic|core)[\\/]/;
/** Zod brings its messages in fifty languages, 46 KB compressed; the app words its errors itself. */
config.resolver.resolveRequest = (context, name, platform) => {
  const wanted = ZOD_ITSELF.test(context.originModulePath)
    ? name.replace('../locales/index.', '../locales/en.')
    : name;
  return context.resolveRequest(context, wanted, platform);
};

module.exports = withNativeWind(config, { input: './global.css', inlineRem: 16 });
