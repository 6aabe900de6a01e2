const { getDefaultConfig } = require('expo/metro-config');
const { resolve } = require('./bundler/resolve');

const config = getDefaultConfig(__dirname);
config.resolver.assetExts.push('woff2');
config.resolver.resolveRequest = (context, name, platform) =>
  resolve(name, context.originModulePath) ?? context.resolveRequest(context, name, platform);

module.exports = config;
