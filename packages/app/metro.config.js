const path = require('node:path');
const { getDefaultConfig } = require('expo/metro-config');

const config = getDefaultConfig(__dirname);

/** Icon fonts are heavy: Paper's few icons are drawn by our own small set instead. */
const OWN_ICONS = path.join(__dirname, 'src/ui/icons/paper-icons.tsx');
const isIconFont = (name) => /vector-icons(\/|$)/.test(name) && name.includes('MaterialCommunityIcons');

config.resolver.resolveRequest = (context, name, platform) =>
  isIconFont(name) ? { type: 'sourceFile', filePath: OWN_ICONS } : context.resolveRequest(context, name, platform);

module.exports = config;
