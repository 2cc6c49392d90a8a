const path = require('node:path');
const { getDefaultConfig } = require('expo/metro-config');

const config = getDefaultConfig(__dirname);

const here = (file) => ({ type: 'sourceFile', filePath: path.join(__dirname, file) });
const NOTHING = { type: 'empty' };

/**
 * Modules that weigh a lot and bring nothing here, with what stands in for them. `isMeant`: whether this is the one that is
 * asked for (`name`, by the file `from`).
 */
const STAND_INS = [
  // Paper's few icons are drawn by our own small set instead of an icon font.
  {
    isMeant: (name) => /vector-icons(\/|$)/.test(name) && name.includes('MaterialCommunityIcons'),
    is: here('src/ui/icons/paper-icons.tsx'),
  },
  // Zod brings every language it can speak; only English is used.
  {
    isMeant: (name, from) => /[\\/]zod[\\/]/.test(from) && /locales\/index\.(js|cjs)$/.test(name),
    is: here('src/data/zod-locales.ts'),
  },
  // Describing schemas as JSON and compiling them is the server's affair.
  {
    isMeant: (name, from) =>
      /[\\/]zod[\\/]/.test(from) &&
      /\/(json-schema-processors|json-schema-generator|from-json-schema|compile)\.(js|cjs)$/.test(name),
    is: NOTHING,
  },
  // Screens stand in slots: no stack with headers, no tabs, no list of all routes.
  {
    isMeant: (name, from) =>
      /[\\/]expo-router[\\/]/.test(from) &&
      /\/(layouts\/Tabs|layouts\/experimental-stack|stack-utils|react-navigation\/bottom-tabs|views\/Sitemap)$/.test(name),
    is: NOTHING,
  },
  {
    isMeant: (name, from) => /[\\/]expo-router[\\/]/.test(from) && name.endsWith('native-stack/createNativeStackNavigator'),
    is: here('stand-ins/no-native-stack.js'),
  },
  // No list here is long enough to be drawn piecemeal.
  {
    isMeant: (name, from) =>
      /[\\/]react-native-web[\\/]/.test(from) &&
      /\/(AnimatedFlatList|AnimatedSectionList|FlatList|SectionList|VirtualizedList)$/.test(name),
    is: NOTHING,
  },
];

config.resolver.resolveRequest = (context, name, platform) => {
  const standIn = STAND_INS.find(({ isMeant }) => isMeant(name, context.originModulePath));
  return standIn ? standIn.is : context.resolveRequest(context, name, platform);
};

module.exports = config;
