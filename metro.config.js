const path = require('node:path');
const { getDefaultConfig } = require('expo/metro-config');

const config = getDefaultConfig(__dirname);
config.resolver.assetExts.push('woff2');

const iconFont = /^(@expo\/vector-icons|react-native-vector-icons)\/MaterialCommunityIcons$/;
const insideZod = /[\\/]zod[\\/]v4[\\/](classic|mini|core)[\\/]/;

// Paper's 1.3 MB icon font and Zod's forty languages and JSON Schema writer are never shown here, so they are left out of the bundle.
config.resolver.resolveRequest = (context, name, platform) => {
  if (name === '@react-native-vector-icons/material-design-icons') {
    return { type: 'sourceFile', filePath: path.join(__dirname, 'src/ui/icons/paper-icon.tsx') };
  }
  if (iconFont.test(name)) return { type: 'empty' };
  if (name === '../locales/index.js' && insideZod.test(context.originModulePath)) {
    return { type: 'sourceFile', filePath: path.join(__dirname, 'src/ui/zod-english.js') };
  }
  if (/json-schema(-processors|-generator)?\.js$/.test(name) && insideZod.test(context.originModulePath)) {
    return { type: 'sourceFile', filePath: path.join(__dirname, 'src/ui/zod-without-json-schema.js') };
  }
  return context.resolveRequest(context, name, platform);
};

module.exports = config;
