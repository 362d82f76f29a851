const http = require('node:http');
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

// Every kind of long list comes along with what is animated and what is styled; Spalo has none, and scrolls.
const LIST = /[\\/](Animated)?(Flat|Section|Virtualized)List$/;
const withoutLists = (resolve) => (context, moduleName, platform) =>
  LIST.test(moduleName) && /react-native-web/.test(context.originModulePath + moduleName)
    ? resolve(
        context,
        moduleName.replace(/(Flat|Section|Virtualized)List$/, 'ScrollView'),
        platform,
      )
    : resolve(context, moduleName, platform);
// The solver can run in Node as well; in a browser it asks for none of this. Its form as a module asks where it lies, which
// Metro cannot tell; its plain form is told where the rest of it is.
const solver = (resolve) => (context, moduleName, platform) => {
  if (moduleName === 'highs') return { type: 'sourceFile', filePath: require.resolve('highs') };
  return moduleName.startsWith('node:') && /[\\/]highs[\\/]/.test(context.originModulePath)
    ? { type: 'empty' }
    : resolve(context, moduleName, platform);
};
// Of the router's layouts Spalo takes the slot alone: stacks, tabs and what colours them come along with its index.
const LAYOUTS = new Set(['./stack', './color', './layouts/Tabs', './layouts/experimental-stack']);
const ROUTER_INDEX = /[\\/]expo-router[\\/]build[\\/](index|exports)\.js$/;
// Nor is a stack ever drawn.
const STACK_VIEW = /[\\/]NativeStackView$/;
// Its error page wants the height of tabs, which one small file of theirs tells.
const TABS = '../react-navigation/bottom-tabs';
const ERROR_PAGE = /[\\/]expo-router[\\/]build[\\/]views[\\/]ErrorBoundary\.js$/;
const slotOnly = (resolve) => (context, moduleName, platform) => {
  const from = context.originModulePath;
  const isLeftOut = LAYOUTS.has(moduleName) && ROUTER_INDEX.test(from);
  const isStackView = STACK_VIEW.test(moduleName) && /[\\/]expo-router[\\/]/.test(from);
  if (isLeftOut || isStackView) return { type: 'empty' };
  return moduleName === TABS && ERROR_PAGE.test(from)
    ? resolve(context, `${TABS}/utils/BottomTabBarHeightContext`, platform)
    : resolve(context, moduleName, platform);
};
config.resolver.resolveRequest = slotOnly(
  withoutLists(
    solver(
      englishOnly((context, moduleName, platform) =>
        context.resolveRequest(context, moduleName, platform),
      ),
    ),
  ),
);

// In development the API runs beside Metro; the browser must see both at one address, for the cookie's sake.
const api = process.env.SPALO_API;
if (api) {
  config.server.enhanceMiddleware = (metro) => (request, response, next) => {
    if (!request.url.startsWith('/api/')) return metro(request, response, next);
    const { method, headers, url } = request;
    const passed = http.request(new URL(url, api), { method, headers }, (answer) => {
      response.writeHead(answer.statusCode, answer.headers);
      answer.pipe(response);
    });
    passed.on('error', () => {
      response.statusCode = 502;
      response.end();
    });
    request.pipe(passed);
    return undefined;
  };
}

module.exports = withNativeWind(config, { input: './global.css' });
