const { getDefaultConfig } = require('expo/metro-config');
const { withNativeWind } = require('nativewind/metro');

const config = getDefaultConfig(__dirname);
config.maxWorkers = 2;

// Zod's locale index pulls in every language; Spalo speaks English.
const englishOnly = (resolve) => (context, moduleName, platform) => {
  const isLocaleIndex =
    moduleName.endsWith('locales/index.js') && /[\\/]zod[\\/]/.test(context.originModulePath);
  return isLocaleIndex
    ? resolve(context, moduleName.replace('locales/index.js', 'locales/en.js'), platform)
    : resolve(context, moduleName, platform);
};
config.resolver.resolveRequest = englishOnly((context, moduleName, platform) =>
  context.resolveRequest(context, moduleName, platform),
);

module.exports = withNativeWind(config, { input: './global.css' });
