const { readdirSync } = require('node:fs');
const path = require('node:path');
const { getDefaultConfig } = require('expo/metro-config');
const { resolve } = require('./bundler/resolve');

const config = getDefaultConfig(__dirname);
config.resolver.assetExts.push('woff2');
config.resolver.resolveRequest = (context, name, platform) =>
  resolve(name, context.originModulePath) ?? context.resolveRequest(context, name, platform);

/** The computation: a loop that runs a million times must not look its functions up a million times. */
const core = readdirSync(path.join(__dirname, 'src/core'), { recursive: true, withFileTypes: true })
  .filter((entry) => entry.isFile())
  .map((entry) => [path.join(entry.parentPath ?? entry.path, entry.name), true]);

// A module is run when it is first used, not when the page begins: the first paint waits for less.
config.transformer.getTransformOptions = async () => ({
  transform: { inlineRequires: { blockList: Object.fromEntries(core) } },
});

module.exports = config;
