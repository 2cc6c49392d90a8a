const path = require('node:path');
const { getDefaultConfig } = require('expo/metro-config');

const config = getDefaultConfig(__dirname);

/** Modules that weigh a lot and bring nothing here, with the small ones that stand in for them. */
const STAND_INS = [
  {
    // Paper's few icons are drawn by our own small set instead of an icon font.
    isMeant: (name) => /vector-icons(\/|$)/.test(name) && name.includes('MaterialCommunityIcons'),
    file: path.join(__dirname, 'src/ui/icons/paper-icons.tsx'),
  },
  {
    // Zod brings every language it can speak; only English is used.
    isMeant: (name, from) => /[\\/]zod[\\/]/.test(from) && /locales\/index\.(js|cjs)$/.test(name),
    file: path.join(__dirname, 'src/data/zod-locales.ts'),
  },
];

config.resolver.resolveRequest = (context, name, platform) => {
  const standIn = STAND_INS.find(({ isMeant }) => isMeant(name, context.originModulePath));
  return standIn ? { type: 'sourceFile', filePath: standIn.file } : context.resolveRequest(context, name, platform);
};

module.exports = config;
